<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use Core\Standard\Standard;

/** What more minutes of a job are best spent on. */
final readonly class EffortAnswer
{
    public int $spent;

    /** What is seen more, in the unit of {@see \Core\Budget\TierGain}. */
    public float $gain;

    /**
     * @param  list<EffortChoice>  $choices what adds most for its minutes first
     * @param  float  $now what is seen of all figures as they are assigned
     * @param  float  $most with everything at its richest
     */
    public function __construct(
        public Standard $standard,
        public int $minutes,
        public array $choices,
        public float $now,
        public float $most,
    ) {
        $this->spent = array_sum(array_map(static fn (EffortChoice $one): int => $one->minutes, $choices));
        $this->gain = array_sum(array_map(static fn (EffortChoice $one): float => $one->gain, $choices));
    }
}
