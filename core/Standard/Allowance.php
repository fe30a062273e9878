<?php

declare(strict_types=1);

namespace Core\Standard;

/** Minutes a use is allowed, all its coats and steps included. Each at least 0. */
final readonly class Allowance
{
    /**
     * @param  float  $minutes for one figure of size 1 that is wholly of this surface
     * @param  float  $fixed once an area
     * @param  float  $each for each piece of the use's feature
     * @param  float|null  $likely share of figures that take a use which is done only if it is needed, over 0 to 1; null: all
     */
    public function __construct(
        public float $minutes = 0.0,
        public float $fixed = 0.0,
        public float $each = 0.0,
        public ?float $likely = null,
    ) {
        foreach (['minutes' => $minutes, 'fixed' => $fixed, 'each' => $each] as $member => $value) {
            if ($value < 0) {
                throw OutOfRange::below($member, 0, $value);
            }
        }
        if ($likely !== null && ($likely <= 0 || $likely > 1)) {
            throw OutOfRange::outside('likely', 'over 0 and at most 1', $likely);
        }
    }

    /** Minutes on one area: fixed + each × pieces + minutes × share × size, at its likely share. */
    public function onArea(float $share, float $size, int $pieces): float
    {
        return ($this->fixed + $this->each * $pieces + $this->minutes * $share * $size) * ($this->likely ?? 1.0);
    }
}
