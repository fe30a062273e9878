<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use DateTimeImmutable;

/** One way in which a job could be painted earlier, and by when it would be. */
final readonly class WayOut
{
    public function __construct(
        public WayKind $kind,
        public string $sentence,
        public DateTimeImmutable $end,
    ) {
    }
}
