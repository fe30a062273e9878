<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Carbon\CarbonImmutable;

/** What was signed off in one week, from its Monday. */
final readonly class SignedWeek
{
    /**
     * @param  int  $first accepted as they were handed over
     * @param  int  $mended accepted after they were sent back
     * @param  int  $conceded accepted by concession, at whichever check
     */
    public function __construct(
        public CarbonImmutable $from,
        public int $first,
        public int $mended,
        public int $conceded,
    ) {
    }
}
