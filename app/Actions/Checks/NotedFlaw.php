<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use Core\Check\FaultKind;
use Core\Check\FlawKind;
use Core\Standard\Side;

/** A flaw that a checker sees: where, and how large. */
final readonly class NotedFlaw
{
    /**
     * @param  float  $size in millimetres; of a broken part it says nothing
     * @param  array{x: float, y: float}|null  $place on the map of that side, each 0 to 1; null: nobody pointed at it
     */
    public function __construct(
        public FlawKind $flaw,
        public string $area,
        public Side $side,
        private float $size,
        public string $note,
        public ?array $place = null,
    ) {
    }

    public function kind(): FaultKind
    {
        return $this->flaw->kind();
    }

    public function sizeMm(): ?float
    {
        return $this->flaw->hasSize() ? $this->size : null;
    }
}
