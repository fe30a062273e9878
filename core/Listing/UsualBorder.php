<?php

declare(strict_types=1);

namespace Core\Listing;

/** Two areas that usually touch, with why; whether they do on this figure somebody has to say. */
final readonly class UsualBorder
{
    public function __construct(
        public string $area,
        public string $other,
        public string $why,
    ) {
    }
}
