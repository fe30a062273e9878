<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\Srgb;

/**
 * Lays the rungs of a ladder one over the other. A shade lies on the base, a relight on the shade, a light on the
 * last base, relight or light that is no line. A light that is no lighter than that, laid after a shade that lies on
 * the faces too, is that tone again on raised parts: it lies on the shade, and is a relight.
 */
final readonly class Laying
{
    public function __construct(
        private Srgb $ground,
        private ?SharedLight $light,
        private RungPlaces $places,
        private LadderRules $rules,
    ) {
    }

    /** @return list<ShownRung> */
    public function of(AreaLadder $area): array
    {
        // The last lights of the ladder, not of a tier: what two tiers share is mixed alike.
        $lit = $this->light === null ? [] : array_slice(array_keys(array_filter($area->rungs, static fn (Rung $rung): bool => $rung->role === RungRole::Light)), -$this->light->reach);
        $shown = [];
        $ground = $this->ground;
        $base = $tone = $shade = $veil = null;
        foreach ($area->rungs as $at => $rung) {
            $recipe = $this->light !== null && in_array($at, $lit, true) ? $this->light->into($rung->recipe) : $rung->recipe;
            $one = match ($rung->role->onLadder()) {
                null, LadderRole::Base => self::laid($rung, $recipe, $ground),
                LadderRole::Shade => self::laid($rung, $recipe, $base ?? $ground),
                LadderRole::Relight => self::laid($rung, $recipe, $shade ?? $base ?? $ground),
                LadderRole::Light => $this->lit($rung, $recipe, $tone ?? $ground, $veil),
            };
            $shown[] = $one;
            if ($rung->role === RungRole::Ground) {
                $ground = $one->shown;
            } elseif ($rung->role === RungRole::Base) {
                [$base, $tone, $veil] = [$one->shown, $one->shown, null];
            } elseif ($rung->role === RungRole::Shade) {
                $shade = $one->shown;
                $veil = $this->places->isOnFaces($at) ? $one->shown : $veil;
            } elseif (! $this->places->isLine($at)) {
                [$tone, $veil] = [$one->shown, null];
            }
        }

        return $shown;
    }

    /** @param  Srgb|null  $veil the shade that lies over the tone on its faces; null where none is known to */
    private function lit(Rung $rung, Recipe $recipe, Srgb $tone, ?Srgb $veil): ShownRung
    {
        $light = self::laid($rung, $recipe, $tone);
        if ($veil === null || $light->shown->lightness() >= $tone->lightness() + $this->rules->minStep) {
            return $light;
        }
        $again = self::laid($rung, $recipe, $veil, LadderRole::Relight);

        return $again->shown->lightness() >= $veil->lightness() + $this->rules->minStep ? $again : $light;
    }

    private static function laid(Rung $rung, Recipe $recipe, Srgb $under, ?LadderRole $as = null): ShownRung
    {
        return new ShownRung($rung, $recipe, $under, $recipe->over($under, $rung->coats), $as ?? $rung->role->onLadder());
    }
}
