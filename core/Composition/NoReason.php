<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\CoreException;

/** Something left out or added without saying why. */
final class NoReason extends CoreException
{
    public static function forWaiver(string $use, string $area, string $pointer = ''): self
    {
        return new self('no-reason', $pointer, "\"{$use}\" on \"{$area}\" is left out without a reason; say who agreed and why.");
    }

    public static function forAddition(string $use, string $area, string $pointer = ''): self
    {
        return new self('no-reason', $pointer, "\"{$use}\" is added on \"{$area}\" without a reason; say who agreed and why.");
    }
}
