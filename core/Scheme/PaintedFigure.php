<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Standard\Opacity;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** A figure at one tier in the colours of a scheme. */
final readonly class PaintedFigure
{
    /** @param  array<array-key, TierLadder>  $ladders by area; an area that the scheme says nothing of has none */
    public function __construct(
        public FigureType $type,
        public array $ladders,
        private Standard $standard,
    ) {
    }

    /** What an area looks like from a step back: the last base or relight that this tier lays. */
    public function tone(string $area): ?Srgb
    {
        $ladder = $this->ladders[$area] ?? null;
        if ($ladder === null) {
            return null;
        }
        $tone = null;
        foreach ($ladder->taken as $at) {
            $rung = $ladder->reading->rungs[$at];
            if ($rung->rung->role === RungRole::Base || $rung->rung->role === RungRole::Relight) {
                $tone = $rung->shown;
            }
        }

        return $tone;
    }

    /** Whether this tier draws a dark line round an area: an opaque shade. */
    public function isLined(string $area): bool
    {
        foreach ($this->ladders[$area]->steps ?? [] as $step) {
            $technique = $this->standard->technique($step->use->technique);
            if ($technique->group === TechniqueGroup::Shade && $technique->opacity === Opacity::Opaque) {
                return true;
            }
        }

        return false;
    }

    /** @return list<TypeArea> with a tone, seen from this side */
    public function seenFrom(Side $side): array
    {
        return array_values(array_filter(
            $this->type->areas,
            fn (TypeArea $area): bool => in_array($side, $area->sides, true) && $this->tone($area->area->id) !== null,
        ));
    }
}
