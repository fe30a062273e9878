<?php

declare(strict_types=1);

namespace App\Refusals;

/** Something that this person may not do, or not now. */
final class NotAllowed extends Refusal
{
    public static function because(string $code, string $sentence): self
    {
        return new self($code, $sentence);
    }

    public static function checkClosed(): self
    {
        return new self('check-closed', 'This check is closed; what it says stays as it is.');
    }
}
