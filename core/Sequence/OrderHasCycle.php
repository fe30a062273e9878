<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\CoreException;

/** Steps that must each come before the other. */
final class OrderHasCycle extends CoreException
{
    /** @param  list<string>  $steps the steps of the ring, in order */
    public static function among(array $steps, string $pointer = ''): self
    {
        return new self('cycle', $pointer, 'These steps wait for each other in a ring: '.implode(' → ', $steps).'. Take one of the orders away.');
    }
}
