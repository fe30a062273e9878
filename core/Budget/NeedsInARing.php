<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\CoreException;

/** Items that each need the other. */
final class NeedsInARing extends CoreException
{
    /** @param  non-empty-list<string>  $items of the ring, each needs the next */
    public static function among(array $items, string $pointer): self
    {
        return new self('cycle', $pointer, 'These need each other in a ring: '.implode(' → ', [...$items, $items[0]]).'. Leave out what one of them needs.');
    }
}
