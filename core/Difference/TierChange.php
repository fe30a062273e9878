<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\Tier;

/** A tier that came, went or differs. */
final readonly class TierChange
{
    public function __construct(
        public string $tier,
        public ?Tier $before,
        public ?Tier $after,
    ) {
    }
}
