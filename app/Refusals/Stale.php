<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Somebody else changed the row since it was read. Carries the row as it is now, so that both can be shown. */
final class Stale extends RuntimeException
{
    /** @param  array<array-key, mixed>  $now */
    private function __construct(string $sentence, public readonly array $now)
    {
        parent::__construct($sentence);
    }

    /** @param  array<array-key, mixed>  $now */
    public static function row(string $what, array $now): self
    {
        return new self("Somebody else changed {$what} since you opened it. Nothing of theirs was overwritten; look at both and decide.", $now);
    }
}
