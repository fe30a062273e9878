<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Standard\Extent;

/** A line of a sculpt that paint follows: an edge, a crest, a groove. */
final readonly class Line
{
    /**
     * @param  string  $d path data of SVG
     * @param  Extent  $within the narrowest extent that reaches it
     * @param  float  $width of what it stands for
     */
    public function __construct(
        public string $d,
        public Extent $within = Extent::Every,
        public float $width = 2.0,
    ) {
    }

    public function isReachedBy(Extent $extent): bool
    {
        return ! $extent->isNarrowerThan($this->within);
    }
}
