<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\Unit;
use Core\Standard\Technique;

/** What is left to lay on the figures of a unit that go to its painter. */
final readonly class PaintingRow
{
    /**
     * @param  list<string>  $tiers names, the lowest first
     * @param  int  $rank of the highest of them
     * @param  int  $figures with something before them
     * @param  array<array-key, float>  $minutes by hand, by technique
     * @param  array<array-key, array{Technique, int, string}>  $needs by technique: the highest tier it is laid at, by rank and name
     * @param  array<int, PaintingCell>  $cells by painter
     */
    public function __construct(
        public Unit $unit,
        public array $tiers,
        public int $rank,
        public int $figures,
        public array $minutes,
        public array $needs,
        public array $cells = [],
    ) {
    }

    public function id(): string
    {
        return "unit {$this->unit->id}";
    }

    /** @param  array<int, PaintingCell>  $cells by painter */
    public function with(array $cells): self
    {
        return new self($this->unit, $this->tiers, $this->rank, $this->figures, $this->minutes, $this->needs, $cells);
    }
}
