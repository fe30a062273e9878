<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Film;
use Core\Colour\Srgb;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/** Lays uses on a plate, one pass after the other. */
final readonly class PlateMaker
{
    /** More steps than a hand can lay change nothing that is seen. */
    private const MOST_STEPS = 200;

    public function __construct(private Standard $standard)
    {
    }

    /** @param  list<TechniqueUse>  $uses in the order of laying; where the method is open, by the first */
    public function make(array $uses, Palette $palette): Plate
    {
        $touches = [];
        $lights = $grounds = 0;
        foreach ($uses as $use) {
            $technique = $this->standard->technique($use->techniques[0]);
            $turn = $technique->group === TechniqueGroup::Ground ? $grounds++ : null;
            for ($step = 0; $step < min($use->steps, self::MOST_STEPS); $step++) {
                $own = $palette->ofUse($use->id, $step + 1);
                $touches[] = new Touch($use, $technique, $step, $own ?? $palette->colour($technique->group, $turn ?? $lights));
                $lights += $own === null && $technique->group === TechniqueGroup::Light ? 1 : 0;
            }
        }

        return new Plate(self::zones($touches, $palette), $touches, $palette);
    }

    /** A plate as it is when a use was laid that is on it; null where it is not. */
    public static function upTo(Plate $plate, string $use): ?Plate
    {
        $last = null;
        foreach ($plate->touches as $at => $touch) {
            $last = $touch->use->id === $use ? $at : $last;
        }
        if ($last === null) {
            return null;
        }
        $touches = array_slice($plate->touches, 0, $last + 1);

        return new Plate(self::zones($touches, $plate->palette), $touches, $plate->palette);
    }

    /**
     * The zones after these passes over the bare ground.
     *
     * @param  list<Touch>  $touches
     * @return list<ZoneState> each zone once, in order
     */
    public static function zones(array $touches, Palette $palette): array
    {
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $zones[$zone->value] = new ZoneState($zone, $palette->ground);
        }
        foreach ($touches as $touch) {
            $zones = self::pass($zones, $touch->use, $touch->technique, $touch->colour);
        }

        return array_values($zones);
    }

    /**
     * @param  array<string, ZoneState>  $zones
     * @return array<string, ZoneState>
     */
    private static function pass(array $zones, TechniqueUse $use, Technique $technique, ?Srgb $colour): array
    {
        $before = $zones;
        foreach (Reach::of($technique, $use->extent) as $zone) {
            $state = $zones[$zone->value];
            if ($colour === null) {
                $zones[$zone->value] = $state->touched($use->id);

                continue;
            }
            $share = Coverage::share($technique, $zone, $use->coats);
            $after = $technique->opacity === Opacity::Transparent
                ? (new Film($colour, $share))->hidden($state->colour, $share)->rounded()
                : $state->colour->under($colour, $share);
            if ($technique->group === TechniqueGroup::Light) {
                $after = self::raised($state->colour, $colour, $after);
            }
            $zones[$zone->value] = $state->painted($after, $share, $use->id, $technique->opacity, $technique->looks());
        }

        return $colour !== null && self::pools($technique) ? self::deepest($zones, $before, $colour) : $zones;
    }

    /** Whether it runs into the recesses: a shade, or a stain over all. */
    private static function pools(Technique $technique): bool
    {
        return $technique->group === TechniqueGroup::Shade
            || ($technique->isStain() && $technique->liesOn === LiesOn::All);
    }

    /** A light that is lighter always shows, even where eight bits a channel would lose its film. */
    private static function raised(Srgb $before, Srgb $light, Srgb $after): Srgb
    {
        return $light->lightness() > $before->lightness() && $after->lightness() <= $before->lightness() ? $light : $after;
    }

    /**
     * A shade or a stain that is darker never leaves the recess the lighter one where it was not.
     *
     * @param  array<string, ZoneState>  $zones
     * @param  array<string, ZoneState>  $before
     * @return array<string, ZoneState>
     */
    private static function deepest(array $zones, array $before, Srgb $paint): array
    {
        $recess = Zone::Recess->value;
        $face = Zone::Face->value;
        $wasNotLighter = $before[$recess]->colour->lightness() <= $before[$face]->colour->lightness();
        $isDarker = $paint->lightness() < min($before[$recess]->colour->lightness(), $before[$face]->colour->lightness());
        if ($wasNotLighter && $isDarker && $zones[$recess]->colour->lightness() > $zones[$face]->colour->lightness()) {
            $state = $zones[$recess];
            // A film over another hue may be darker on its way than it is by itself.
            $deep = $paint->lightness() <= $zones[$face]->colour->lightness() ? $paint : $zones[$face]->colour;
            $zones[$recess] = new ZoneState($state->zone, $deep, $state->uses, 1.0, $state->softness, $state->texture);
        }

        return $zones;
    }
}
