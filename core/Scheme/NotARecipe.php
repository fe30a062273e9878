<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\CoreException;

/** What is no recipe. */
final class NotARecipe extends CoreException
{
    public static function parts(string $paint, float $given): self
    {
        return new self('unreadable-mix', '', "{$given} parts of {$paint} are none; parts are over 0.");
    }

    public static function water(float $given): self
    {
        return new self('unreadable-mix', '', "{$given} parts of water are none; leave water out, or say over 0.");
    }

    public static function ofNothing(): self
    {
        return new self('unreadable-mix', '', 'Water alone paints nothing; name a paint.');
    }
}
