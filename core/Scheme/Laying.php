<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\Srgb;

/**
 * Lays the rungs of a ladder one over the other. Thin paint over patches of several colours, as a value sketch or a
 * drybrush leaves them, is seen as each of them with the share that it covers ({@see Patches}). A base that lets through
 * lies on the base before it; a shade on the base, or on all that lies on the faces by then where it goes over those;
 * a relight on the shade; a light on the last base, relight or light that is no line. A light that is no lighter than
 * that, laid after a shade that lies on the faces too, is that tone again on raised parts: it lies on the shade, and is
 * a relight.
 */
final readonly class Laying
{
    public function __construct(
        private Ground $ground,
        private ?SharedLight $light,
        private RungPlaces $places,
        private LadderRules $rules,
    ) {
    }

    /** @return list<ShownRung> in the order of laying */
    public function of(AreaLadder $area): array
    {
        // The last lights of the ladder, not of a tier: what two tiers share is mixed alike.
        $lit = $this->light === null ? [] : array_slice(self::at($area, RungRole::Light), -$this->light->reach);
        $tinted = self::tinted($area);
        $laid = new Laid($this->ground->patches());
        $shown = [];
        foreach ($area->rungs as $at => $rung) {
            $recipe = $this->light !== null && in_array($at, $lit, true) ? $this->light->into($rung->recipe) : $rung->recipe;
            [$shown[], $laid] = match ($rung->role) {
                RungRole::Ground => self::ground($laid, $rung, $recipe),
                RungRole::Base => self::base($laid, $rung, $recipe, in_array($at, $tinted, true) ? null : LadderRole::Base),
                RungRole::Shade => $this->shade($laid, $at, $rung, $recipe),
                RungRole::Relight => self::relight($laid, $rung, $recipe),
                RungRole::Light => $this->light($laid, $at, $rung, $recipe),
            };
        }

        return $shown;
    }

    /**
     * Bases that every later one lets through: what is seen of them is the last.
     *
     * @return list<int> where they stand
     */
    private static function tinted(AreaLadder $area): array
    {
        $bases = self::at($area, RungRole::Base);
        $covering = array_filter(array_slice($bases, 1), static fn (int $at): bool => $area->rungs[$at]->recipe->covers());

        return $covering === [] ? array_slice($bases, 0, -1) : [];
    }

    /** @return list<int> */
    private static function at(AreaLadder $area, RungRole $role): array
    {
        return array_keys(array_filter($area->rungs, static fn (Rung $rung): bool => $rung->role === $role));
    }

    /** @return array{ShownRung, Laid} */
    private static function ground(Laid $laid, Rung $rung, Recipe $recipe): array
    {
        $one = self::laid($rung, $recipe, $laid->faces->top(), null);

        return [$one, $laid->grounded($rung->cover < 1 ? $laid->faces->raised($one->shown, $rung->cover) : $laid->faces->over($recipe, $rung->coats))];
    }

    /** @return array{ShownRung, Laid} */
    private static function base(Laid $laid, Rung $rung, Recipe $recipe, ?LadderRole $as): array
    {
        $faces = $laid->faces->over($recipe, $rung->coats);
        $one = new ShownRung($rung, $recipe, $laid->faces->mean(), $faces->mean(), $as);

        return [$one, $laid->based($faces, $one->shown)];
    }

    /** @return array{ShownRung, Laid} */
    private function shade(Laid $laid, int $at, Rung $rung, Recipe $recipe): array
    {
        $isOnFaces = $this->places->isOnFaces($at);
        $under = $isOnFaces || $laid->base === null ? $laid->faces : Patches::of($laid->base);
        $over = $under->over($recipe, $rung->coats);
        $one = new ShownRung($rung, $recipe, $under->mean(), $over->mean(), LadderRole::Shade);

        return [$one, $laid->shaded($one->shown, $isOnFaces ? $over : null)];
    }

    /** @return array{ShownRung, Laid} */
    private static function relight(Laid $laid, Rung $rung, Recipe $recipe): array
    {
        $one = self::laid($rung, $recipe, $laid->shade ?? $laid->base ?? $laid->faces->mean(), LadderRole::Relight);

        return [$one, $laid->raised($one->shown, $rung->cover, false)];
    }

    /** @return array{ShownRung, Laid} */
    private function light(Laid $laid, int $at, Rung $rung, Recipe $recipe): array
    {
        $one = $this->lit($rung, $recipe, $laid->tone ?? $laid->faces->mean(), $laid->veil);

        return [$one, $laid->raised($one->shown, $rung->cover, $this->places->isLine($at))];
    }

    private function lit(Rung $rung, Recipe $recipe, Srgb $tone, ?Srgb $veil): ShownRung
    {
        $light = self::laid($rung, $recipe, $tone, LadderRole::Light);
        if ($veil === null || $light->shown->lightness() >= $tone->lightness() + $this->rules->minStep) {
            return $light;
        }
        $again = self::laid($rung, $recipe, $veil, LadderRole::Relight);

        return $again->shown->lightness() >= $veil->lightness() + $this->rules->minStep ? $again : $light;
    }

    private static function laid(Rung $rung, Recipe $recipe, Srgb $under, ?LadderRole $as): ShownRung
    {
        return new ShownRung($rung, $recipe, $under, $recipe->over($under, $rung->coats), $as);
    }
}
