<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\User;

/** On what terms something is left out: why, agreed with whom, and who writes it down. */
final readonly class Terms
{
    /** @param  string  $agreedWith empty where nobody was named */
    public function __construct(
        public string $reason,
        public string $agreedWith,
        public User $by,
    ) {
    }
}
