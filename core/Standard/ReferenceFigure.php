<?php

declare(strict_types=1);

namespace Core\Standard;

/** The figure that hours in tier heads and in lint are worked out for. */
final readonly class ReferenceFigure
{
    /**
     * @param  list<Area>  $areas
     * @param  float  $size work relative to a foot figure, over 0
     * @param  string  $name what such a figure is called, as in "4 min a lamplighter"
     */
    public function __construct(
        public array $areas,
        public float $size = 1.0,
        public string $name = 'reference figure',
    ) {
        if ($size <= 0) {
            throw OutOfRange::notOver('size', 0, $size);
        }
    }
}
