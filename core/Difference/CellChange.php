<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\CellState;

/** A cell of which a tier now says something else: asked, not asked, undecided. */
final readonly class CellChange
{
    public function __construct(
        public string $tier,
        public string $surface,
        public CellState $before,
        public CellState $after,
    ) {
    }
}
