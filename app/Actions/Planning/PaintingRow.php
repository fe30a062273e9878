<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\Unit;
use Core\Standard\Technique;
use Core\Standard\Tier;

/** What is left to lay on the figures of a unit that go to its painter. */
final readonly class PaintingRow
{
    /**
     * @param  list<Tier>  $tiers that something of it is laid at, the lowest first
     * @param  int  $figures with something before them
     * @param  array<array-key, float>  $minutes by hand, by technique
     * @param  array<array-key, array{Technique, Tier}>  $needs by technique: the highest tier it is laid at
     * @param  array<int, PaintingCell>  $cells by painter
     */
    public function __construct(
        public Unit $unit,
        public array $tiers,
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
        return new self($this->unit, $this->tiers, $this->figures, $this->minutes, $this->needs, $cells);
    }
}
