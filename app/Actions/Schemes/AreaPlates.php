<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Plate\Palette;
use Core\Plate\Plate;
use Core\Plate\PlateMaker;
use Core\Scheme\AreaLadder;
use Core\Scheme\OverAllPaint;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;

/** Plates of the areas of a figure type in the colours of a scheme. */
final readonly class AreaPlates
{
    /** @param  string  $key of the figure type */
    public function __construct(
        private SchemeLadders $ladders,
        private Standard $standard,
        private FigureType $type,
        private string $key,
    ) {
    }

    /**
     * How each surface of the figure comes out at each tier that is offered, area by area.
     *
     * @param  string|null  $only one area; null for all but the figure as one
     * @param  AreaLadder|null  $instead of what the scheme has, for its area
     * @return list<SurfacePlate>
     */
    public function of(?string $only = null, ?AreaLadder $instead = null): array
    {
        $tiers = $this->standard->offeredTiers();
        $compositions = array_map(fn (Tier $tier): Composition => (new Composer($this->standard))->composeType($this->type, $tier->id), $tiers);
        $overAll = array_map(fn (Tier $tier, Composition $composition): OverAllPaint => $this->ladders->overAll($this->key, $composition, $this->standard, $tier->id), $tiers, $compositions);
        $plates = [];
        foreach ($this->type->areas as $area) {
            // The figure as one has no surface to show.
            if ($only === null ? $area->area->surface === Surface::WHOLE : $area->area->id !== $only) {
                continue;
            }
            foreach ($tiers as $at => $tier) {
                $plates[] = $this->plate($area, $tier, $this->included($compositions[$at]->usesOn($area->area->id), $tier), $instead, $overAll[$at]);
            }
        }

        return $plates;
    }

    /**
     * What is left to choose is not shown as if it were included.
     *
     * @param  list<ComposedUse>  $uses
     * @return list<ComposedUse>
     */
    private function included(array $uses, Tier $tier): array
    {
        return array_values(array_filter($uses, fn (ComposedUse $use): bool => $this->standard->requirement($tier->id, $use->area->surface)?->menuOf($use->use->id) === null));
    }

    /** @param  list<ComposedUse>  $uses */
    private function plate(TypeArea $area, Tier $tier, array $uses, ?AreaLadder $instead, OverAllPaint $overAll): SurfacePlate
    {
        $ladder = $instead?->area === $area->area->id
            ? $this->ladders->laid($instead, $uses, $this->standard, $tier->id, $overAll)
            : $this->ladders->tier($this->key, $area->area->id, $uses, $this->standard, $tier->id, $overAll);

        return new SurfacePlate($area, $tier, $ladder, $uses === [] ? null : $ladder?->plate() ?? $this->neutral($area, $uses, $overAll));
    }

    /**
     * As the tier has it, where the scheme says nothing of the area.
     *
     * @param  list<ComposedUse>  $uses
     */
    private function neutral(TypeArea $area, array $uses, OverAllPaint $overAll): Plate
    {
        $laid = array_map(static fn (ComposedUse $use): TechniqueUse => $use->use, $uses);

        return (new PlateMaker($this->standard))->make($overAll->among($laid, $area->area->surface, $this->standard), Palette::neutral($this->standard->schoolsOn($area->area->surface)->choice(SchoolQuestion::Ground)));
    }
}
