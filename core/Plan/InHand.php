<?php

declare(strict_types=1);

namespace Core\Plan;

/** The coat that a painter laid last, or broke off when the sitting ended. */
final readonly class InHand
{
    /** @param  float  $begun minutes that were spent on the next figure; 0: none */
    public function __construct(
        public int $work,
        public int $place,
        public float $begun,
    ) {
    }

    public function isAt(int $work, int $place): bool
    {
        return $this->work === $work && $this->place === $place;
    }
}
