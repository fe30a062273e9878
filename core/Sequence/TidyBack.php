<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;

/** An area with paint on it, tidied back to its own colour after messy work near it. */
final readonly class TidyBack
{
    /**
     * @param  non-empty-list<Step>  $soiledBy the messy steps since its last step, in order
     * @param  float  $minutes at least 0
     */
    public function __construct(
        public TypeArea $area,
        public array $soiledBy,
        public float $minutes,
    ) {
    }

    /** @return list<string> the id of its area */
    public function areasIn(FigureType $type): array
    {
        return [$this->area->area->id];
    }
}
