<?php

declare(strict_types=1);

namespace Core\Colour;

/** On which side one colour is of another, as painters say it. Thresholds and the axis of warmth from memory. */
final readonly class ToneWords
{
    /** Of L* and of warmth: less is on no side. */
    private const LEAST = 1.5;

    /** Of C*ab. */
    private const LEAST_CHROMA = 3.0;

    /** Of C*ab: from here on a colour has a hue. */
    private const COLOURED = 5.0;

    /** Hue angle of the warmest colours, in degrees: between red and yellow. */
    private const WARMEST = 60.0;

    /** @return list<string> such as lighter, warmer; none where it is the same */
    public static function of(Lab $colour, Lab $against): array
    {
        $words = [];
        $lightness = $colour->lightness - $against->lightness;
        if (abs($lightness) >= self::LEAST) {
            $words[] = $lightness > 0 ? 'lighter' : 'darker';
        }
        $warmth = self::warmer($colour, $against);
        if (abs($warmth) >= self::LEAST) {
            $words[] = $warmth > 0 ? 'warmer' : 'colder';
        }
        $chroma = $colour->chroma() - $against->chroma();
        if (abs($chroma) >= self::LEAST_CHROMA) {
            $words[] = $chroma > 0 ? 'stronger' : 'greyer';
        }

        return $words;
    }

    /** Warmer or colder by hue; that one is the stronger of two alike is said by another word. */
    private static function warmer(Lab $colour, Lab $against): float
    {
        $mean = ($colour->chroma() + $against->chroma()) / 2;
        if (min($colour->chroma(), $against->chroma()) < self::COLOURED) {
            return self::warmth($colour->a - $against->a, $colour->b - $against->b);
        }

        return self::warmth(
            $mean * ($colour->a / $colour->chroma() - $against->a / $against->chroma()),
            $mean * ($colour->b / $colour->chroma() - $against->b / $against->chroma()),
        );
    }

    /** How far a difference of a* and b* goes toward the warm colours; below 0 toward the cold ones. */
    public static function warmth(float $a, float $b): float
    {
        return $a * cos(deg2rad(self::WARMEST)) + $b * sin(deg2rad(self::WARMEST));
    }
}
