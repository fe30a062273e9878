<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** A number that a setting cannot have. */
final class NotASetting extends CoreException
{
    public static function outside(string $setting, string $words, float $given, float $least, float $most): self
    {
        return new self('out-of-range', "/{$setting}", ucfirst($words).": {$given} makes no sense; it goes from {$least} to {$most}.");
    }

    public static function stepsCrossed(float $min, float $max): self
    {
        return new self('out-of-range', '/max_step', "The most between two steps ({$max}) is not over the least ({$min}); no ladder could hold to that.");
    }
}
