<?php

declare(strict_types=1);

namespace App\Import;

/** One unit of a roster, read and found right. Tiers and the figure type are given by key. */
final readonly class RosterLine
{
    public function __construct(
        public int $line,
        public string $unit,
        public string $figureType,
        public int $count,
        public string $tier,
        public int $leaderCount,
        public ?string $leaderTier,
        public string $note,
    ) {
    }
}
