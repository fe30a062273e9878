<?php

declare(strict_types=1);

namespace Core\Scheme;

/** Two areas that are known to touch, and what parts them. */
final readonly class NeighbourPair
{
    /** @param  float  $apart of L*, from tone to tone */
    public function __construct(
        public string $one,
        public string $other,
        public float $apart,
        public Parting $by,
    ) {
    }
}
