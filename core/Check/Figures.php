<?php

declare(strict_types=1);

namespace Core\Check;

/** Numbers in sentences: as few decimals as say enough. */
final readonly class Figures
{
    public static function decimal(float $value): string
    {
        $decimals = match (true) {
            abs($value) >= 100 => 0,
            abs($value) >= 1 => 1,
            default => 2,
        };
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
