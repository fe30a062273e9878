<?php

declare(strict_types=1);

namespace Core\Plate;

/**
 * Places spread evenly and without a pattern over a field, the same ones every time: the additive
 * recurrence of the plastic number (M. Roberts, "The Unreasonable Effectiveness of Quasirandom
 * Sequences", 2018).
 */
final readonly class Scatter
{
    private const X = 0.7548776662466927;

    private const Y = 0.5698402909980532;

    /**
     * @param  array{float, float, float, float}  $field x, y, width, height
     * @return list<array{float, float, float}> x, y, and a number from 0 to 1
     */
    public static function over(array $field, int $number, int $first = 1): array
    {
        [$x, $y, $width, $height] = $field;
        $places = [];
        for ($i = $first; $i < $first + $number; $i++) {
            $places[] = [$x + $width * fmod($i * self::X, 1), $y + $height * fmod($i * self::Y, 1), fmod($i * self::X * self::Y * 7, 1)];
        }

        return $places;
    }
}
