<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\TechniqueUse;

/** Work that raising a figure asks for: a use, or as much of it as its area has not yet. */
final readonly class RaisedUse
{
    /**
     * @param  int  $coats further ones; 0 when none is added to those already there
     * @param  int  $steps likewise
     * @param  float  $minutes for what is added, at least 0
     * @param  Growth|null  $growth what of it is there already; null: it is laid whole
     */
    private function __construct(
        public Area $area,
        public TechniqueUse $use,
        public string $technique,
        public int $coats,
        public int $steps,
        public float $minutes,
        private Origin $origin,
        private ?Growth $growth = null,
    ) {
    }

    /** As a use that is laid: what is added of it. */
    public function laid(): ComposedUse
    {
        return new ComposedUse($this->area, $this->growth?->rest() ?? $this->use, $this->technique, $this->minutes, $this->origin, $this->growth);
    }

    public static function whole(ComposedUse $wanted): self
    {
        return new self($wanted->area, $wanted->use, $wanted->technique, $wanted->use->coats, $wanted->use->steps, $wanted->minutes, $wanted->origin);
    }

    /** What the wanted use asks beyond the one that was done; null when it asks for no more. */
    public static function growth(ComposedUse $wanted, ComposedUse $done): ?self
    {
        $coats = max(0, $wanted->use->coats - $done->use->coats);
        $steps = max(0, $wanted->use->steps - $done->use->steps);
        if ($coats === 0 && $steps === 0 && ! $done->use->extent->isNarrowerThan($wanted->use->extent)) {
            return null;
        }

        return new self($wanted->area, $wanted->use, $wanted->technique, $coats, $steps, max(0.0, $wanted->minutes - $done->minutes), $wanted->origin, new Growth($done->use, $wanted->use));
    }
}
