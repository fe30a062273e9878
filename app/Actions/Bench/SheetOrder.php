<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Schedule\Laying;
use Core\Sequence\GaveWay;
use Core\Sequence\OrderForce;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/** A sheet in one order of its steps, and what that order takes. Minutes by hand, mixing and cleaning apart. */
final readonly class SheetOrder
{
    /**
     * @param  BenchSheet  $sheet as it is now
     * @param  non-empty-list<BenchSheet>  $ordered in this order; several where figures that share it now cannot share this order
     */
    public function __construct(
        public BenchSheet $sheet,
        private array $ordered,
    ) {
    }

    /** By hand, on all figures, tidying with it. */
    public function minutes(): float
    {
        return array_sum(array_map(static fn (BenchSheet $one): float => $one->minutes(), $this->ordered));
    }

    public function tidyMinutes(): float
    {
        $sum = 0.0;
        foreach ($this->ordered as $one) {
            foreach ($one->alike as $who => $alike) {
                foreach ($one->itemsOf($who) as $item) {
                    $sum += $item instanceof TidyBack ? count($alike->figures) * $item->minutes : 0.0;
                }
            }
        }

        return $sum;
    }

    /** How often another paint is taken when each step is laid on all figures, the first counted. */
    public function changes(): int
    {
        return array_sum(array_map(static fn (BenchSheet $one): int => Laying::changes(array_map(static fn (SheetStep $step): Laying => SheetLaying::of($step->planned, $one->mixesOf($step)), $one->steps)), $this->ordered));
    }

    /** How many steps its sheet has; what is laid in one go is one. */
    public function length(): int
    {
        return array_sum(array_map(static fn (BenchSheet $one): int => $one->length(), $this->ordered));
    }

    /** @return list<string> areas in the order in which each is first painted, varnish over the whole figure among them */
    public function areas(): array
    {
        $areas = [];
        foreach ($this->items() as $item) {
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
        return array_values(array_filter($this->items(), static fn (PlannedStep|TidyBack $item): bool => $item instanceof TidyBack));
    }

    /** @return list<GaveWay> what a school asks for and does not get on these figures */
    public function notHeld(): array
    {
        $all = array_merge(...array_map(static fn (BenchSheet $one): array => $one->gaveWay, $this->ordered));

        return array_values(array_filter($all, static fn (GaveWay $one): bool => $one->after->force === OrderForce::School));
    }

    /** @return list<PlannedStep|TidyBack> */
    private function items(): array
    {
        return array_merge(...array_map(static fn (BenchSheet $one): array => array_map(static fn (SheetStep $step): PlannedStep|TidyBack => $step->planned, $one->steps), $this->ordered));
    }
}
