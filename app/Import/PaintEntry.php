<?php

declare(strict_types=1);

namespace App\Import;

/** What somebody writes of a paint, not looked at yet. */
final readonly class PaintEntry
{
    /**
     * @param  string  $colour hex, or L*a*b* as three numbers
     * @param  float|null  $hiding null: as is usual for its kind
     * @param  float|null  $stockMl what is left; null: nobody has counted
     * @param  string  $note what to know before it is opened; empty for nothing
     */
    public function __construct(
        public string $name,
        public string $kind,
        public string $colour,
        public string $opacity,
        public int $coatsDark,
        public int $coatsMiddle,
        public int $coatsLight,
        public ?float $hiding,
        public string $finish,
        public float $ml,
        public ?float $stockMl,
        public string $note = '',
    ) {
    }
}
