<?php

declare(strict_types=1);

namespace Core;

/** Numbers in sentences, with a point and without zeros that say nothing. */
final readonly class NumberText
{
    /** @param  int  $decimals at most so many */
    public static function of(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** As few decimals as say enough: 0.22, 1.5, 900. */
    public static function few(float $value): string
    {
        return self::of($value, match (true) {
            abs($value) >= 100 => 0,
            abs($value) >= 1 => 1,
            default => 2,
        });
    }

    /** A share of 1 as so many percent. */
    public static function percent(float $share): string
    {
        return self::few($share * 100).' %';
    }

    /**
     * A number beside the bound that it misses: with as many decimals, up to three, as it takes for the two to read otherwise.
     *
     * @return array{string, string}
     */
    public static function beside(float $value, float $bound): array
    {
        $decimals = 0;
        while ($decimals < 3 && self::of($value, $decimals) === self::of($bound, $decimals)) {
            $decimals++;
        }

        return [self::of($value, $decimals), self::of($bound, $decimals)];
    }

    /** Minutes as one says them, in whole ones: 40 min, 2 h, 2 h 05. */
    public static function minutes(float $minutes): string
    {
        $whole = (int) round($minutes);
        [$hours, $rest] = [intdiv($whole, 60), $whole % 60];

        return match (true) {
            $hours === 0 => "{$rest} min",
            $rest === 0 => "{$hours} h",
            default => sprintf('%d h %02d', $hours, $rest),
        };
    }
}
