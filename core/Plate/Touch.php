<?php

declare(strict_types=1);

namespace Core\Plate;

use Core\Colour\Srgb;
use Core\Standard\Technique;
use Core\Standard\TechniqueUse;

/** One pass of a use over a plate, kept for the drawing. */
final readonly class Touch
{
    /**
     * @param  int  $step of the use, from 0
     * @param  Srgb|null  $colour null where it leaves none
     */
    public function __construct(
        public TechniqueUse $use,
        public Technique $technique,
        public int $step,
        public ?Srgb $colour,
    ) {
    }
}
