<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Scheme\AreaLadder;
use Core\Scheme\AreasAgree;
use Core\Scheme\HoldingTogether;
use Core\Scheme\Mending;
use Core\Scheme\OverAllPaint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\SchemeFinding;
use Core\Scheme\TierLadder;
use Core\Standard\Standard;
use Core\Standard\Surface;
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

    /**
     * What an area must reach by itself; null where it need not: it does not draw the eye, is wanted quiet, or the tier
     * lights no faces of it.
     */
    public function askedOf(?TierLadder $ladder, Tier $tier): ?float
    {
        if ($ladder === null || $ladder->reading->area->isQuiet || ! $ladder->lightsFaces()) {
            return null;
        }

        return $this->figure->isFocal($ladder->reading->area->area) ? $this->asked($tier) : null;
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
        return (new AreaPlates($this->ladders, $this->standard, $this->types[$this->type], $this->type))->of($only, $instead);
    }
}
