<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a use takes that is counted and not measured: tufts, decals, masks. */
final readonly class Material
{
    /**
     * @param  string  $name of one of them; empty: paint alone
     * @param  float|null  $pieces for one area, or for each piece of the use's feature, over 0; null: one
     */
    public function __construct(
        public string $name = '',
        public ?float $pieces = null,
    ) {
        if ($pieces !== null && $pieces <= 0) {
            throw OutOfRange::notOver('material_pieces', 0, $pieces);
        }
    }
}
