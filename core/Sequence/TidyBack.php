<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\TypeArea;

/** An area that was finished before messy work near it, tidied back to its own colour after that work. */
final readonly class TidyBack
{
    /** @param  non-empty-list<Step>  $soiledBy the messy steps since it was finished or last tidied */
    public function __construct(
        public TypeArea $area,
        public array $soiledBy,
    ) {
    }
}
