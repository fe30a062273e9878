<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;

/** Figures on which the same is painted with the same paints, among others that differ in some of it. */
final readonly class PaintedAlike
{
    /** @param  array<array-key, array<array-key, string>>  $paints by area and use, what it is painted with; left out: nobody knows */
    public function __construct(
        public Composition $composition,
        public array $paints = [],
    ) {
    }

    /** Equal for a use that is laid the same way on other figures: place, name, degree and paint. */
    public function wayOf(ComposedUse $use): string
    {
        return "{$use->key()} {$this->paintOf($use)}";
    }

    public function paintOf(ComposedUse $use): string
    {
        return $this->paints[$use->area->id][$use->use->id] ?? '';
    }

    /** @return list<string> of all its uses, in the order of composition */
    public function ways(): array
    {
        return array_map($this->wayOf(...), $this->composition->uses);
    }
}
