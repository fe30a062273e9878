<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Composition\ComposedUse;

/** One step of a use as a tier asks for it, with what it is painted with. */
final readonly class TierStep
{
    /**
     * @param  int  $step of the use, from 1
     * @param  Recipe|null  $recipe null where the scheme says nothing of it
     * @param  int|null  $rung of the ladder; null where the use has a recipe of its own, or none
     */
    public function __construct(
        public ComposedUse $use,
        public int $step,
        public ?Recipe $recipe,
        public ?int $rung,
    ) {
    }
}
