<?php

declare(strict_types=1);

namespace App\Import;

/** One line of a roster, read and found right: a unit, or those of it that are of one type and tier. Tiers and the figure type are given by key. */
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

    /** Lines of one unit have the same, whatever the case of the letters. */
    public function unitKey(): string
    {
        return mb_strtolower($this->unit);
    }
}
