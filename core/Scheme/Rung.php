<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One step of an area's ladder: what it is for, what it is painted with, how much it covers. */
final readonly class Rung
{
    /**
     * @param  float  $cover share of the area that it lies on, over 0 to 1
     * @param  int  $coats at least 1; more than one makes a stain deeper
     *
     * @throws NotARung
     */
    public function __construct(
        public RungRole $role,
        public Recipe $recipe,
        public float $cover = 1.0,
        public int $coats = 1,
    ) {
        if (! ($cover > 0 && $cover <= 1)) {
            throw NotARung::cover($cover);
        }
        if ($coats < 1 || $coats > Coverage::MOST_COATS) {
            throw NotARung::coats($coats);
        }
    }

    /** Whether it is the same step: for the same, of the same paint, as wide and as often. */
    public function equals(self $other): bool
    {
        return $this->role === $other->role && $this->cover === $other->cover && $this->coats === $other->coats && $this->recipe->equals($other->recipe);
    }
}
