<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** What is no shared light. */
final class NotASharedLight extends CoreException
{
    public static function measures(float $own, float $light): self
    {
        return new self('out-of-range', '', "{$own} to {$light} is no mix; both measures are over 0.");
    }

    public static function reach(int $given): self
    {
        return new self('out-of-range', '', "{$given} last lights are none; say at least 1, or take no shared light.");
    }
}
