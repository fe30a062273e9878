<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Something was tried too often; it says when it may be tried again. */
final class TooOften extends RuntimeException
{
    private function __construct(public readonly int $seconds, string $message)
    {
        parent::__construct($message);
    }

    public static function waitSeconds(int $seconds): self
    {
        $minutes = (int) ceil($seconds / 60);

        return new self($seconds, 'That was tried too often. Try again in '.($minutes <= 1 ? 'a minute' : "{$minutes} minutes").'.');
    }
}
