<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\Tier;

/** The tiers that are compared, each with the next lower one. */
final readonly class TierPairs
{
    /** @return iterable<array{lower: Tier, higher: Tier}> */
    public static function of(Standard $standard): iterable
    {
        foreach ($standard->tiersByRank() as $tier) {
            $lower = $tier->isCompared() ? $standard->nextLower($tier) : null;
            if ($lower !== null) {
                yield ['lower' => $lower, 'higher' => $tier];
            }
        }
    }
}
