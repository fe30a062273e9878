<?php

declare(strict_types=1);

namespace App\Actions\People;

use Carbon\CarbonImmutable;

/** A session as it was last seen. */
final readonly class SessionSeen
{
    /** @param  string  $id opens it, so it is shown to nobody */
    public function __construct(
        public string $id,
        public string $from,
        public string $agent,
        public CarbonImmutable $at,
    ) {
    }
}
