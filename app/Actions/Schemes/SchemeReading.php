<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Plate\Palette;
use Core\Plate\Plate;
use Core\Plate\PlateMaker;
use Core\Scheme\AreaLadder;
use Core\Scheme\AreasAgree;
use Core\Scheme\HoldingTogether;
use Core\Scheme\Mending;
use Core\Scheme\OverAllPaint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\SchemeFinding;
use Core\Scheme\TierLadder;
use Core\School\SchoolQuestion;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;

/** A scheme on one figure type at one tier. What is found and how it comes out is worked out when it is asked for. */
final readonly class SchemeReading
{
    /** @param  array<string, FigureType>  $types of the force, by key */
    public function __construct(
        public Scheme $scheme,
        public SchemeLadders $ladders,
        public Standard $standard,
        public array $types,
        public string $type,
        public Tier $tier,
        public Composition $composition,
        public PaintedFigure $figure,
        public Mending $mending,
        public Acceptances $acceptances,
        private OverAllPaint $overAll,
    ) {
    }

    /** @return list<SchemeFinding> about the figure */
    public function findings(): array
    {
        return (new HoldingTogether($this->ladders->rules))->findings($this->figure, $this->tier);
    }

    /** @return float difference of L* that the tier asks for, of the figure and of each area that draws the eye */
    public function asked(Tier $tier): float
    {
        return (new HoldingTogether($this->ladders->rules))->span($tier)->asked();
    }

    /** @return list<SchemeFinding> areas of one name that differ across the force */
    public function acrossForce(): array
    {
        $readings = [];
        foreach ($this->types as $key => $type) {
            foreach ($type->areas as $area) {
                $found = $this->ladders->find($key, $area->area->id);
                if ($found !== null) {
                    $readings[$area->area->id][$type->name] = $this->ladders->reading($found['ladder']);
                }
            }
        }

        return (new AreasAgree($this->ladders->rules->sameAreaDeltaE))->findings($readings);
    }

    /** What the tier lays of a ladder, which need not be one of the scheme's. */
    public function laid(AreaLadder $ladder): TierLadder
    {
        $known = $this->figure->ladders[$ladder->area] ?? null;
        if ($known?->reading->area === $ladder) {
            return $known;
        }
        $overAll = $this->figure->type->area($ladder->area)?->area->surface === Surface::WHOLE ? null : $this->overAll;

        return $this->ladders->laid($ladder, $this->composition->usesOn($ladder->area), $this->standard, $this->tier->id, $overAll);
    }

    /**
     * How each surface of the figure comes out at each tier that is offered, area by area.
     *
     * @param  string|null  $only one area; null for all but the figure as one
     * @param  AreaLadder|null  $instead of what the scheme has, for its area
     * @return list<SurfacePlate>
     */
    public function plates(?string $only = null, ?AreaLadder $instead = null): array
    {
        $type = $this->types[$this->type];
        $tiers = $this->standard->offeredTiers();
        $compositions = array_map(fn (Tier $tier): Composition => (new Composer($this->standard))->composeType($type, $tier->id), $tiers);
        $overAll = array_map(fn (Tier $tier, Composition $composition): OverAllPaint => $this->ladders->overAll($type, $this->type, $composition, $this->standard, $tier->id), $tiers, $compositions);
        $plates = [];
        foreach ($type->areas as $area) {
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
            : $this->ladders->tier($this->type, $area->area->id, $uses, $this->standard, $tier->id, $overAll);

        return new SurfacePlate($area, $tier, $ladder, $uses === [] ? null : $ladder->plate ?? $this->neutral($area, $uses, $overAll));
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
