<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Standard\Surface;

/**
 * Where an order of steps needs tidying back: after messy steps near an area that was finished before
 * them. A run of messy steps is tidied after once, at its end.
 */
final readonly class Tidying
{
    public function __construct(
        private FigureType $type,
        private Neighbours $neighbours,
    ) {
    }

    /**
     * @param  list<PlannedStep>  $planned
     * @return list<PlannedStep|TidyBack>
     */
    public function insert(array $planned): array
    {
        $left = array_count_values(array_map(static fn (PlannedStep $one): string => $one->step->area->area->id, $planned));
        $withTidying = [];
        /** @var array<array-key, non-empty-list<Step>> $soiled messy steps by the area they soiled */
        $soiled = [];
        foreach ($planned as $one) {
            if (! $one->step->technique->messy) {
                array_push($withTidying, ...$this->tidied($soiled));
                $soiled = [];
            }
            $left[$one->step->area->area->id]--;
            $withTidying[] = $one;
            foreach ($this->soiledBy($one->step, $left) as $area) {
                $soiled[$area][] = $one->step;
            }
        }

        return [...$withTidying, ...$this->tidied($soiled)];
    }

    /**
     * @param  array<array-key, int>  $left steps still to come, by area
     * @return list<string>
     */
    private function soiledBy(Step $step, array $left): array
    {
        if (! $step->technique->messy || $step->area->area->surface === Surface::WHOLE) {
            return [];
        }

        return array_values(array_filter(
            $this->neighbours->of($step->area->area->id),
            fn (string $area): bool => ($left[$area] ?? null) === 0 && $this->type->area($area)?->area->surface !== Surface::WHOLE,
        ));
    }

    /**
     * @param  array<array-key, non-empty-list<Step>>  $soiled
     * @return list<TidyBack> in the order of the figure's areas
     */
    private function tidied(array $soiled): array
    {
        $tidied = [];
        foreach ($this->type->areas as $area) {
            if (isset($soiled[$area->area->id])) {
                $tidied[] = new TidyBack($area, $soiled[$area->area->id]);
            }
        }

        return $tidied;
    }
}
