<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;
use Core\Standard\Opacity;

/** A pot of paint as the studio knows it. */
final readonly class Paint
{
    /** Share that one coat hides of what is under it, over 0 to 1. */
    public float $hiding;

    /**
     * @param  Srgb  $colour of a thick dry swatch
     * @param  float|null  $hiding as the studio gives it; null: as is usual for its kind
     * @param  float  $potMl over 0
     * @param  float|null  $stockMl what is left in all pots, at least 0; null: nobody has counted
     * @param  string  $note what to know before it is opened: shake, stir, never with water; empty for nothing
     *
     * @throws NotAPaint
     */
    public function __construct(
        public string $name,
        public PaintKind $kind,
        public Srgb $colour,
        public Opacity $opacity,
        public Coverage $coverage = new Coverage,
        ?float $hiding = null,
        public string $finish = 'matt',
        public float $potMl = 18.0,
        public ?float $stockMl = null,
        public string $note = '',
    ) {
        if ($hiding !== null && ! ($hiding > 0 && $hiding <= 1)) {
            throw NotAPaint::hiding($name, $hiding);
        }
        if (! ($potMl > 0)) {
            throw NotAPaint::volume($name, $potMl);
        }
        if ($stockMl !== null && ! ($stockMl >= 0)) {
            throw NotAPaint::volume($name, $stockMl);
        }
        $this->hiding = match ($opacity) {
            Opacity::Opaque => 1.0,
            Opacity::Semi => $hiding ?? 0.7,
            Opacity::Transparent => $hiding ?? $kind->usualHiding(),
        };
    }

    public function isMetal(): bool
    {
        return $this->kind === PaintKind::Metal;
    }

    /** Whether nothing is left of it. What nobody has counted is not known to have run out. */
    public function hasRunOut(): bool
    {
        return $this->stockMl === 0.0;
    }

    /** Whether so much is known to be more than is left. */
    public function isTooLittleFor(float $ml): bool
    {
        return $this->stockMl !== null && $ml > $this->stockMl;
    }
}
