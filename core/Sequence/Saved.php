<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A tidying that the place of a step saves: an area that a messy step would soil is painted after it. */
final readonly class Saved
{
    /** @param  float  $minutes of tidying the area once all of it is painted */
    public function __construct(
        public Step $messy,
        public string $area,
        public float $minutes,
    ) {
    }
}
