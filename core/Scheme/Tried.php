<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourDifference;
use Core\Colour\Srgb;

/** A recipe in so many coats, and how near it comes to a colour that is wanted. A forecast. */
final readonly class Tried
{
    /** ΔE00 to the colour that is wanted. */
    public float $apart;

    /** @param  int  $coats at least 1 */
    public function __construct(
        public Recipe $recipe,
        public int $coats,
        public Srgb $shown,
        Srgb $wanted,
    ) {
        $this->apart = ColourDifference::between($shown->lab(), $wanted->lab());
    }
}
