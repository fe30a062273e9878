<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * How a reflectance comes out as a colour: 36 bands of 10 nm from 380 nm, seen by the CIE 1931 2° observer
 * in D65.
 *
 * Tables: colour-matching functions of ISO/CIE 11664-1 (CIE 018.2), relative power of D65 of
 * ISO/CIE 11664-2, written from memory; the tests hold them against the white of D65 and the primaries.
 */
final readonly class Observer
{
    public const BANDS = 36;

    /** x̄, ȳ, z̄ and D65, band by band. */
    private const TABLE = [
        [0.001368, 0.000039, 0.006450, 49.9755],
        [0.004243, 0.000120, 0.020050, 54.6482],
        [0.014310, 0.000396, 0.067850, 82.7549],
        [0.043510, 0.001210, 0.207400, 91.4860],
        [0.134380, 0.004000, 0.645600, 93.4318],
        [0.283900, 0.011600, 1.385600, 86.6823],
        [0.348280, 0.023000, 1.747060, 104.865],
        [0.336200, 0.038000, 1.772110, 117.008],
        [0.290800, 0.060000, 1.669200, 117.812],
        [0.195360, 0.090980, 1.287640, 114.861],
        [0.095640, 0.139020, 0.812950, 115.923],
        [0.032010, 0.208020, 0.465180, 108.811],
        [0.004900, 0.323000, 0.272000, 109.354],
        [0.009300, 0.503000, 0.158200, 107.802],
        [0.063270, 0.710000, 0.078250, 104.790],
        [0.165500, 0.862000, 0.042160, 107.689],
        [0.290400, 0.954000, 0.020300, 104.405],
        [0.433450, 0.994950, 0.008750, 104.046],
        [0.594500, 0.995000, 0.003900, 100.000],
        [0.762100, 0.952000, 0.002100, 96.3342],
        [0.916300, 0.870000, 0.001650, 95.7880],
        [1.026300, 0.757000, 0.001100, 88.6856],
        [1.062200, 0.631000, 0.000800, 90.0062],
        [1.002600, 0.503000, 0.000340, 89.5991],
        [0.854450, 0.381000, 0.000190, 87.6987],
        [0.642400, 0.265000, 0.000050, 83.2886],
        [0.447900, 0.175000, 0.000020, 83.6992],
        [0.283500, 0.107000, 0.000000, 80.0268],
        [0.164900, 0.061000, 0.000000, 80.2146],
        [0.087400, 0.032000, 0.000000, 82.2778],
        [0.046770, 0.017000, 0.000000, 78.2842],
        [0.022700, 0.008210, 0.000000, 69.7213],
        [0.011359, 0.004102, 0.000000, 71.6091],
        [0.005790, 0.002091, 0.000000, 74.3490],
        [0.002899, 0.001047, 0.000000, 61.6040],
        [0.001440, 0.000520, 0.000000, 69.8856],
    ];

    /** XYZ (D65) to linear sRGB, the inverse of the matrix of {@see Srgb}. */
    private const TO_LIGHT = [
        [3.2404542, -1.5371385, -0.4985314],
        [-0.9692660, 1.8760108, 0.0415560],
        [0.0556434, -0.2040259, 1.0572252],
    ];

    /**
     * What each band adds to linear red, green and blue. A reflectance of 1 everywhere is white: each row
     * adds up to 1.
     *
     * @return array{list<float>, list<float>, list<float>}
     */
    public static function weights(): array
    {
        $rows = [];
        foreach (self::TO_LIGHT as [$ofX, $ofY, $ofZ]) {
            $row = array_map(static fn (array $band): float => $band[3] * ($ofX * $band[0] + $ofY * $band[1] + $ofZ * $band[2]), self::TABLE);
            $sum = array_sum($row);
            $rows[] = array_map(static fn (float $weight): float => $weight / $sum, $row);
        }

        return [$rows[0], $rows[1], $rows[2]];
    }

    /** @return array{float, float, float} XYZ of what reflects all, Y = 1 */
    public static function white(): array
    {
        $sums = [0.0, 0.0, 0.0];
        foreach (self::TABLE as [$x, $y, $z, $power]) {
            $sums = [$sums[0] + $power * $x, $sums[1] + $power * $y, $sums[2] + $power * $z];
        }

        return [$sums[0] / $sums[1], 1.0, $sums[2] / $sums[1]];
    }
}
