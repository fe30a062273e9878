<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** A number that a setting cannot have. */
final class NotASetting extends CoreException
{
    public static function outside(Setting $setting, float $given): self
    {
        [$least, $most] = $setting->range();

        return new self('out-of-range', "/{$setting->value}", ucfirst($setting->inWords()).": {$given} makes no sense; it goes from {$least} to {$most}.");
    }

    public static function stepsCrossed(float $min, float $max): self
    {
        return new self('out-of-range', '/max_step', "The most between two steps ({$max}) is not over the least ({$min}); no ladder could hold to that.");
    }
}
