<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Models\BenchMark;
use App\Models\Mishap;
use Core\Composition\FigureType;
use Core\Schedule\Coats;
use Core\Schedule\Laying;
use Core\Sequence\GroundApart;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Standard\Standard;

/** The ordered steps that the figures of a unit with equal compositions share, with what was marked. */
final readonly class BenchSheet
{
    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  list<SheetStep>  $steps in order
     * @param  array<int, array<string, BenchMark>>  $marks by figure, then by the key of the step
     * @param  FigureMixes  $mixes what its figures are painted with
     * @param  list<Mishap>  $mishaps that wait to be mended on its figures
     */
    public function __construct(
        public string $key,
        public Standard $standard,
        public array $figures,
        public array $steps,
        public array $marks,
        public FigureMixes $mixes,
        public array $mishaps = [],
    ) {
    }

    public function first(): ComposedFigure
    {
        return $this->figures[0];
    }

    /** @return list<PlannedStep|TidyBack> its steps as they were put in order */
    public function items(): array
    {
        return array_map(static fn (SheetStep $step): PlannedStep|TidyBack => $step->planned, $this->steps);
    }

    /** The coats of one figure, in its order. */
    public function coats(): Coats
    {
        $items = $this->items();

        return Coats::of($items, array_map(fn (PlannedStep|TidyBack $item): Laying => SheetLaying::of($item, $this->mixes), $items), $this->typeInParts());
    }

    /** Its figure type in the parts in which it is painted: a ground that is made apart is one of its own. */
    public function typeInParts(): FigureType
    {
        return GroundApart::of($this->first()->type, $this->standard);
    }

    /** How many mishaps wait to be mended on a figure. */
    public function mishapsOn(int $figureId): int
    {
        return count(array_filter($this->mishaps, static fn (Mishap $one): bool => $one->figure_id === $figureId));
    }

    public function of(int $figureId): ComposedFigure
    {
        return $this->figure($figureId) ?? throw new \LogicException("Figure {$figureId} is not on this sheet.");
    }

    public function step(string $area, string $use): ?SheetStep
    {
        foreach ($this->steps as $step) {
            if ($step->area === $area && $step->use === $use) {
                return $step;
            }
        }

        return null;
    }

    /** Whether a figure is on it by something that is to be painted. */
    public function asksSomething(): bool
    {
        return $this->steps !== [];
    }

    /** How many steps it has; what is laid in one go on several areas is one. */
    public function length(): int
    {
        return SheetStep::count($this->steps);
    }

    /** @return list<non-empty-list<SheetStep>> what is laid in one go on several areas */
    public function goes(): array
    {
        $goes = [];
        foreach ($this->steps as $step) {
            $goes[$step->number][] = $step;
        }

        return array_values(array_filter($goes, static fn (array $go): bool => count($go) > 1));
    }

    /** Steps that a figure still has before it. */
    public function left(ComposedFigure $figure): int
    {
        return $this->leftOf($figure->row->id);
    }

    public function leftOf(int $figureId): int
    {
        $marked = $this->marks[$figureId] ?? [];

        $open = array_filter($this->steps, static fn (SheetStep $step): bool => ! isset($marked[$step->key()]));

        return count(array_unique(array_map(static fn (SheetStep $step): int => $step->number, $open)));
    }

    /** Whether some figure of it is given to this person. */
    public function isFor(int $userId): bool
    {
        foreach ($this->figures as $figure) {
            if (($figure->row->painter_id ?? $figure->unit->painter_id) === $userId) {
                return true;
            }
        }

        return false;
    }

    public function has(int $figureId): bool
    {
        return $this->figure($figureId) !== null;
    }

    private function figure(int $id): ?ComposedFigure
    {
        foreach ($this->figures as $figure) {
            if ($figure->row->id === $id) {
                return $figure;
            }
        }

        return null;
    }
}
