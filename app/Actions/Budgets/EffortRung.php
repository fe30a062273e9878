<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

/** An area of some figures lifted to a tier from the one below. */
final readonly class EffortRung
{
    /**
     * @param  int  $minutes more on all of them, at least 0
     * @param  float  $gain more of them all, see {@see \Core\Budget\TierGain}
     */
    public function __construct(
        public string $tier,
        public int $minutes,
        public float $gain,
    ) {
    }
}
