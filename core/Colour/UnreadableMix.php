<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\CoreException;

/** A mix that cannot be read. */
final class UnreadableMix extends CoreException
{
    public static function nameMissing(string $text): self
    {
        return new self('unreadable-mix', '', "\"{$text}\" misses the name of a paint; write a mix like \"Gull White 1 + Weir Blue 3\".");
    }

    public static function partsNotOverZero(string $name, string $parts): self
    {
        return new self('unreadable-mix', '', "\"{$name}\" has {$parts} parts; parts are over 0.");
    }
}
