<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;

/** Where an order of steps needs tidying back: an area once between two of its steps, after the last one that soiled it. */
final readonly class Tidying
{
    public function __construct(
        private FigureType $type,
        private Soiling $soiling,
        private InOneGo $together = new InOneGo,
    ) {
    }

    /**
     * @param  list<PlannedStep>  $planned
     * @return list<PlannedStep|TidyBack>
     */
    public function insert(array $planned): array
    {
        $behind = $this->tidiedBehind($planned);
        $withTidying = [];
        foreach ($planned as $at => $one) {
            array_push($withTidying, $one, ...$behind[$at] ?? []);
        }

        return $withTidying;
    }

    /**
     * @param  list<PlannedStep>  $planned
     * @return array<int, list<TidyBack>> by place among the steps, in the order of the figure's areas
     */
    private function tidiedBehind(array $planned): array
    {
        $behind = [];
        foreach (array_keys($this->soiling->minutes) as $area) {
            $known = $this->type->area((string) $area) ?? throw new \LogicException("Only areas of the figure are soiled; \"{$area}\" is none.");
            $soiledBy = [];
            $last = $count = 0;
            foreach ($planned as $at => $one) {
                if (in_array($area, $this->soiling->clears[$one->step->number] ?? [], true)) {
                    $behind = self::added($behind, $last, $soiledBy, $known, $this->soiling->minutes[$area][$count]);
                    $soiledBy = [];
                    $count += $one->step->isOfWhole() ? 0 : 1;
                } elseif ($count >= ($this->soiling->soils[$one->step->number][$area] ?? INF)) {
                    $soiledBy[] = $one->step;
                    $last = $this->endOfGo($one->step, $at);
                }
            }
            $behind = self::added($behind, $last, $soiledBy, $known, $this->soiling->minutes[$area][$count]);
        }

        return $behind;
    }

    /** A go is not broken off to tidy: what it soils is not among what it is laid on. */
    private function endOfGo(Step $step, int $at): int
    {
        $go = $this->together->with($step->number);

        return $at + count($go) - 1 - (int) array_search($step->number, $go, true);
    }

    /**
     * @param  array<int, list<TidyBack>>  $behind
     * @param  list<Step>  $soiledBy
     * @return array<int, list<TidyBack>>
     */
    private static function added(array $behind, int $at, array $soiledBy, TypeArea $area, float $minutes): array
    {
        if ($soiledBy !== []) {
            $behind[$at][] = new TidyBack($area, $soiledBy, $minutes);
        }

        return $behind;
    }
}
