<?php

declare(strict_types=1);

namespace Core\Mapping;

/** Where one piece of an area is, an eye, a buckle, a decal; or a place of it that has a name: a brow, a chin. */
final readonly class PlacedPiece
{
    /**
     * @param  string  $feature what it is a piece of, or the name of the place
     * @param  float  $x from the left of the picture, 0 to 1
     * @param  float  $y from above, 0 to 1
     * @param  string  $name what this one is called; empty: nothing of its own
     *
     * @throws NotAMap if it lies outside the picture
     */
    public function __construct(
        public string $area,
        public string $feature,
        public float $x,
        public float $y,
        public string $name = '',
        string $at = '',
    ) {
        if (! ($x >= 0 && $x <= 1)) {
            throw NotAMap::outside($feature, "{$at}/x");
        }
        if (! ($y >= 0 && $y <= 1)) {
            throw NotAMap::outside($feature, "{$at}/y");
        }
    }
}
