<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Standard\Standard;

/** The steps of a composition, by area. */
final readonly class Steps
{
    /**
     * @param  list<Step>  $all in the order of composition
     * @param  array<array-key, non-empty-list<Step>>  $byArea in the figure's order; in an area in the order of laying
     * @param  FigureType  $type with a ground that is made apart as a part of its own
     */
    private function __construct(
        public array $all,
        public array $byArea,
        public FigureType $type,
        public SchooledAreas $schooled,
    ) {
    }

    public static function of(Composition $composition, FigureType $type, Standard $standard): self
    {
        $type = GroundApart::of($type, $standard);
        $schooled = SchooledAreas::of($type, $standard);
        $last = array_values(array_filter($type->areas, $schooled->comesAfterVarnish(...)));
        $all = $byArea = [];
        foreach ($composition->uses as $laid) {
            $area = $type->area($laid->area->id);
            if ($area !== null) {
                $step = new Step(count($all), $laid, $area, $laid->techniqueIn($standard), $last);
                $all[] = $byArea[$laid->area->id][] = $step;
            }
        }

        return new self($all, $byArea, $type, $schooled);
    }

    /** @return list<Step> */
    public function on(string $area): array
    {
        return $this->byArea[$area] ?? [];
    }

    /** @return list<Step> of an area, from its lay-in on */
    public function paintOn(string $area): array
    {
        return array_values(array_filter($this->on($area), static fn (Step $step): bool => $step->isPaint()));
    }

    /** @return list<Step> */
    public function onSurface(string $surface): array
    {
        return array_values(array_filter($this->all, static fn (Step $step): bool => $step->area->area->surface === $surface));
    }
}
