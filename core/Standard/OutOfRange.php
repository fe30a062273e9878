<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\CoreException;

/** A number outside the range that its meaning allows. */
final class OutOfRange extends CoreException
{
    public static function below(string $what, int|float $least, int|float $given, string $pointer = ''): self
    {
        return self::outside($what, "at least {$least}", $given, $pointer);
    }

    public static function notOver(string $what, int|float $bound, int|float $given): self
    {
        return self::outside($what, "over {$bound}", $given);
    }

    public static function outside(string $what, string $range, int|float $given, string $pointer = ''): self
    {
        return new self('out-of-range', $pointer, "The {$what} is {$given}; it must be {$range}.");
    }
}
