<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;

/** A record that does not say what its format promises. */
final class NotARecord extends CoreException
{
    public static function at(string $name): self
    {
        return new self('not-a-record', '', "The record does not say \"{$name}\" as its format promises; it was altered, or is of another format.");
    }
}
