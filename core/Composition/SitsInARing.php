<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\CoreException;

/** Areas that sit on each other. */
final class SitsInARing extends CoreException
{
    /** @param  non-empty-list<string>  $areas of the ring, in order */
    public static function among(array $areas, string $pointer = ''): self
    {
        $words = implode(' on ', [...$areas, $areas[0]]);

        return new self('cycle', $pointer, "These areas sit on each other in a ring: {$words}. Leave out \"on\" for one of them.");
    }
}
