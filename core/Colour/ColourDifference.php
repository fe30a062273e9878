<?php

declare(strict_types=1);

namespace Core\Colour;

use function abs;
use function atan2;
use function cos;
use function exp;
use function max;
use function sin;
use function sqrt;

/**
 * CIEDE2000 with kL = kC = kH = 1.
 *
 * Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary test
 * data, and mathematical observations", Color Research and Application 30 (2005); numbers in brackets are
 * its equations.
 */
final readonly class ColourDifference
{
    private const TWENTY_FIVE_TO_THE_SEVENTH = 6103515625.0;

    /** @return float ΔE00, at least 0 */
    public static function between(Lab $one, Lab $other): float
    {
        return self::of($one->lightness, $one->a, $one->b, $other->lightness, $other->a, $other->b);
    }

    /** On plain numbers, for long lists of pairs. */
    public static function of(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2): float
    {
        // (2)–(4): a* is stretched for greys.
        $meanChroma7 = ((sqrt($a1 * $a1 + $b1 * $b1) + sqrt($a2 * $a2 + $b2 * $b2)) / 2) ** 7;
        $stretch = 1.5 - 0.5 * sqrt($meanChroma7 / ($meanChroma7 + self::TWENTY_FIVE_TO_THE_SEVENTH));
        $a1 *= $stretch;
        $a2 *= $stretch;
        // (6), (7)
        $c1 = sqrt($a1 * $a1 + $b1 * $b1);
        $c2 = sqrt($a2 * $a2 + $b2 * $b2);
        $h1 = $c1 === 0.0 ? 0.0 : atan2($b1, $a1);
        $h2 = $c2 === 0.0 ? 0.0 : atan2($b2, $a2);
        $h1 += $h1 < 0 ? 2 * M_PI : 0;
        $h2 += $h2 < 0 ? 2 * M_PI : 0;
        // (10), (14): hues the shorter way round; a grey has none.
        $turn = $h2 - $h1;
        $hue = $h1 + $h2;
        if ($c1 * $c2 === 0.0) {
            $turn = 0.0;
        } elseif (abs($turn) <= M_PI) {
            $hue /= 2;
        } else {
            $turn += $turn > 0 ? -2 * M_PI : 2 * M_PI;
            $hue = ($hue + ($hue < 2 * M_PI ? 2 * M_PI : -2 * M_PI)) / 2;
        }
        $dl = $l2 - $l1;
        $dc = $c2 - $c1;
        $dh = 2 * sqrt($c1 * $c2) * sin($turn / 2);
        // (15)–(21)
        $t = 1 - 0.17 * cos($hue - M_PI / 6) + 0.24 * cos(2 * $hue) + 0.32 * cos(3 * $hue + M_PI / 30) - 0.20 * cos(4 * $hue - 63 * M_PI / 180);
        $chroma = ($c1 + $c2) / 2;
        $chroma7 = $chroma ** 7;
        $fromMiddle = (($l1 + $l2) / 2 - 50) ** 2;
        $sl = 1 + 0.015 * $fromMiddle / sqrt(20 + $fromMiddle);
        $sc = 1 + 0.045 * $chroma;
        $sh = 1 + 0.015 * $chroma * $t;
        $rotation = -2 * sqrt($chroma7 / ($chroma7 + self::TWENTY_FIVE_TO_THE_SEVENTH))
            * sin(M_PI / 3 * exp(-(((rad2deg($hue) - 275) / 25) ** 2)));
        $l = $dl / $sl;
        $c = $dc / $sc;
        $h = $dh / $sh;

        // (22); rounding may leave the sum a hair below 0.
        return sqrt(max(0.0, $l * $l + $c * $c + $h * $h + $rotation * $c * $h));
    }
}
