<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

/** An area that more minutes are best spent on. */
final readonly class EffortChoice
{
    /** @param  string  $to tier */
    public function __construct(
        public EffortPlace $place,
        public string $to,
        public int $minutes,
        public float $gain,
    ) {
    }
}
