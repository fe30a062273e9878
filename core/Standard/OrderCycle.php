<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\CoreException;

/** Techniques that must come before each other. */
final class OrderCycle extends CoreException
{
    /** @param  non-empty-list<string>  $ring */
    public static function among(array $ring, string $pointer): self
    {
        $words = implode(' before ', [...$ring, $ring[0]]);

        return new self('cycle', $pointer, "These techniques must come before each other: {$words}. Take one of these away.");
    }
}
