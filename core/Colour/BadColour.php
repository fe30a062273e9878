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

    public static function typed(string $given): self
    {
        return new self('bad-colour', '', '"'.mb_strimwidth($given, 0, 60, '…').'" is no colour; write a hex like #3e4c57, or L*a*b* like 31, -3, -8.');
    }

    public static function lightness(string $given): self
    {
        return new self('bad-colour', '', "L* is {$given} here; it goes from 0 for black to 100 for white.");
    }
}
