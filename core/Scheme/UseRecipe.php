<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What one use of an area is painted with, whatever the ladder has: an eye, a dark line, a glaze. */
final readonly class UseRecipe
{
    /** @param  int  $step of the use, from 1 */
    public function __construct(
        public string $use,
        public int $step,
        public Recipe $recipe,
    ) {
    }
}
