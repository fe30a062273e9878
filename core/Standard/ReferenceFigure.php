<?php

declare(strict_types=1);

namespace Core\Standard;

/** The figure that hours in tier heads and in lint are worked out for. */
final readonly class ReferenceFigure
{
    /**
     * @param  float  $size work relative to a foot figure, over 0
     * @param  list<Area>  $areas
     */
    public function __construct(
        public float $size,
        public array $areas,
    ) {
        if ($size <= 0) {
            throw OutOfRange::notOver('size', 0, $size);
        }
    }
}
