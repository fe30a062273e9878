<?php

declare(strict_types=1);

namespace Core\Colour;

/** A colour and how many parts of it go into a mix. */
final readonly class MixPart
{
    /** @param  float  $parts over 0 */
    public function __construct(
        public Srgb $colour,
        public float $parts,
    ) {
        if (! ($parts > 0)) {
            throw PartsNotOverZero::given($parts);
        }
    }
}
