<?php

declare(strict_types=1);

namespace Core\Colour;

use Core\CoreException;

/** What is no colour. */
final class BadColour extends CoreException
{
    public static function written(string $given): self
    {
        return new self('bad-colour', '', "\"{$given}\" is no colour; a colour is written like #3e4c57.");
    }
}
