<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\User;

/** On what terms something is left out or added: why, agreed with whom, at what price, and who writes it down. */
final readonly class Terms
{
    /**
     * @param  string  $agreedWith empty where nobody was named
     * @param  int|null  $price of one figure, in the smallest unit of the currency, at least 0; null: none was agreed
     */
    public function __construct(
        public string $reason,
        public string $agreedWith,
        public User $by,
        public ?int $price = null,
    ) {
    }
}
