<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** What is said of a paint and cannot be. */
final class NotAPaint extends CoreException
{
    public static function coats(int $given, int $most): self
    {
        return new self('out-of-range', '', "{$given} coats do not cover; say 1 to {$most}.");
    }

    public static function hiding(string $name, float $given): self
    {
        return new self('out-of-range', '', "One coat of {$name} cannot hide {$given} of what is under it; say over 0 and at most 1.");
    }

    public static function volume(string $name, float $given): self
    {
        return new self('out-of-range', '', "{$given} ml of {$name} is no volume; a pot holds over 0 and what is left is at least 0.");
    }
}
