<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** What is no step of a ladder. */
final class NotARung extends CoreException
{
    public static function cover(float $given): self
    {
        return new self('out-of-range', '', "A step cannot cover {$given} of its area; say over 0 and at most 1.");
    }

    public static function coats(int $given): self
    {
        return new self('out-of-range', '', "A step cannot have {$given} coats; say 1 to ".Coverage::MOST_COATS.'.');
    }
}
