<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

/** Figures that come to a unit together, one as the other. */
final readonly class FigureLine
{
    /**
     * @param  int  $from the number of the first
     * @param  int|null  $type id; null: as the unit
     * @param  int|null  $tier id; null: as the unit
     * @param  int  $leaders so many of them lead; they come first
     * @param  int|null  $leaderTier id of a tier of their own; null: as the others
     */
    public function __construct(
        public int $from,
        public int $count,
        public ?int $type = null,
        public ?int $tier = null,
        public int $leaders = 0,
        public ?int $leaderTier = null,
    ) {
    }
}
