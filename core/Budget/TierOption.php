<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\Standard\OutOfRange;

/** A tier that a group of figures may be painted at: what that costs, and what is gained by it. */
final readonly class TierOption
{
    /**
     * @param  int  $cost in the smallest unit of a currency, or in whole minutes; at least 0
     * @param  float  $gain in any unit, the same for all groups
     */
    public function __construct(
        public string $tier,
        public int $cost,
        public float $gain,
    ) {
        if ($cost < 0) {
            throw OutOfRange::below('cost', 0, $cost);
        }
    }
}
