<?php

declare(strict_types=1);

namespace Core\Scheme;

/** A paint and its parts in a recipe. */
final readonly class RecipePart
{
    /** @param  float  $parts over 0 */
    public function __construct(
        public Paint $paint,
        public float $parts,
    ) {
        if (! ($parts > 0)) {
            throw NotARecipe::parts($paint->name, $parts);
        }
    }
}
