<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;

/** A value that has no canonical form. */
final class NotCanonical extends CoreException
{
    public static function type(string $type): self
    {
        return new self('not-canonical', '', "A {$type} has no form in JSON; records hold texts, numbers, lists and named members.");
    }

    public static function tooLarge(int $value): self
    {
        return new self('not-canonical', '', "{$value} is no exact number in JSON; write whole numbers beyond 2^53 as text.");
    }

    public static function notFinite(float $value): self
    {
        return new self('not-canonical', '', "{$value} is no number in JSON; records hold finite numbers.");
    }

    public static function notUtf8(): self
    {
        return new self('not-canonical', '', 'A text is not UTF-8; convert it before it is recorded.');
    }
}
