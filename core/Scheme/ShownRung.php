<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderRole;
use Core\Colour\Srgb;

/** A rung as it comes out. */
final readonly class ShownRung
{
    /**
     * @param  Recipe  $recipe the rung's own, with the shared light in it where it takes it
     * @param  Srgb  $under what it lies on
     * @param  Srgb  $shown what is seen of it there
     * @param  LadderRole|null  $as what it does there: a light may be the tone below it again; null for a ground
     */
    public function __construct(
        public Rung $rung,
        public Recipe $recipe,
        public Srgb $under,
        public Srgb $shown,
        public ?LadderRole $as,
    ) {
    }

    public function takesSharedLight(): bool
    {
        return ! $this->recipe->equals($this->rung->recipe);
    }
}
