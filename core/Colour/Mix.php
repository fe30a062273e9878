<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * The colour that paints give when they are stirred together: a forecast, since only their colours are known.
 *
 * Kubelka and Munk (1931), band by band: absorption and scattering of a mixture are the sums of those of its
 * parts. A colour alone tells their quotient K/S only, so each paint is taken to scatter as its luminance,
 * with a floor (from memory: pale paints are full of white pigment, deep ones have little; equal parts of
 * black and white then come out a dark middle grey, as they do on a palette).
 */
final readonly class Mix
{
    private const LEAST_SCATTERING = 0.02;

    private const MOST_KNOWN = 5000;

    /** @param  non-empty-list<MixPart>  $parts in any order */
    public static function of(array $parts): Srgb
    {
        // The same mix is asked for at every tier and on every sheet.
        /** @var array<string, Srgb> $known */
        static $known = [];
        if (count($known) > self::MOST_KNOWN) {
            $known = [];
        }
        $key = implode(' ', array_map(static fn (MixPart $part): string => $part->colour->hex().' '.$part->parts, $parts));

        return $known[$key] ??= self::mixed($parts);
    }

    /** @param  non-empty-list<MixPart>  $parts */
    private static function mixed(array $parts): Srgb
    {
        $absorbed = array_fill(0, Observer::BANDS, 0.0);
        $scattered = 0.0;
        $rest = [0.0, 0.0, 0.0];
        foreach ($parts as $part) {
            $reflectance = Reflectance::of($part->colour);
            $share = $part->parts * max(self::LEAST_SCATTERING, $part->colour->luminance());
            $scattered += $share;
            foreach ($reflectance->absorption() as $band => $ks) {
                $absorbed[$band] += $share * $ks;
            }
            // What the spectrum leaves out of its colour, so that a paint alone gives itself back.
            $seen = $reflectance->light();
            foreach ($part->colour->light() as $channel => $light) {
                $rest[$channel] += $share * ($light - $seen[$channel]);
            }
        }
        $mixed = Reflectance::ofAbsorption(array_values(array_map(static fn (float $ks): float => $ks / $scattered, $absorbed)))->light();

        return Srgb::ofLight(
            $mixed[0] + $rest[0] / $scattered,
            $mixed[1] + $rest[1] / $scattered,
            $mixed[2] + $rest[2] / $scattered,
        );
    }
}
