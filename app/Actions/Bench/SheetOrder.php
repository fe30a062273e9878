<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Schedule\Laying;
use Core\Sequence\GaveWay;
use Core\Sequence\OrderForce;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Sequence\Work;

/** A sheet in one order of its steps, and what that order takes. Minutes by hand, mixing and cleaning apart. */
final readonly class SheetOrder
{
    /** @param  list<Laying>  $layings of the items of the work */
    public function __construct(
        public BenchSheet $sheet,
        public Work $work,
        private array $layings,
    ) {
    }

    /** By hand, on all figures, tidying with it. */
    public function minutes(): float
    {
        return count($this->sheet->figures) * array_sum(array_map(static fn (Laying $laying): float => $laying->minutes, $this->layings));
    }

    public function tidyMinutes(): float
    {
        return count($this->sheet->figures) * $this->work->tidyMinutes;
    }

    /** How often another paint is taken when each step is laid on all figures, the first counted. */
    public function changes(): int
    {
        return Laying::changes($this->layings);
    }

    /** How many steps its sheet has; what is laid in one go is one. */
    public function length(): int
    {
        return SheetStep::count(SheetStep::all($this->work));
    }

    /** @return list<string> areas in the order in which each is first painted, varnish over the whole figure among them */
    public function areas(): array
    {
        $areas = [];
        foreach ($this->work->items as $item) {
            if ($item instanceof PlannedStep && $item->step->isPaint()) {
                $isWhole = $item->step->isOfWhole();
                $name = $isWhole ? mb_strtolower($item->step->technique->name) : $item->step->area->area->id;
                $areas += $isWhole && ! $item->step->isVarnish() ? [] : [$name => true];
            }
        }

        return array_map(strval(...), array_keys($areas));
    }

    /** @return list<TidyBack> */
    public function tidied(): array
    {
        return array_values(array_filter($this->work->items, static fn (PlannedStep|TidyBack $item): bool => $item instanceof TidyBack));
    }

    /** @return list<GaveWay> what a school asks for and does not get on these figures */
    public function notHeld(): array
    {
        return array_values(array_filter($this->work->gaveWay, static fn (GaveWay $one): bool => $one->after->force === OrderForce::School));
    }
}
