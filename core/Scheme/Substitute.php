<?php

declare(strict_types=1);

namespace Core\Scheme;

/** A paint that could stand in for another, and how far off it is. */
final readonly class Substitute
{
    /**
     * @param  float  $deltaE00 from the paint that it stands in for
     * @param  list<string>  $side on which side it is: lighter, warmer …
     */
    public function __construct(
        public Paint $paint,
        public float $deltaE00,
        public array $side,
    ) {
    }
}
