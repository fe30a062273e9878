<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A step in its place, with what had to come before it and what its place saves. */
final readonly class PlannedStep
{
    /**
     * @param  list<After>  $after what follows from the others is left out
     * @param  list<Saved>  $saves where nothing but that decided it
     */
    public function __construct(
        public Step $step,
        public array $after,
        public array $saves = [],
    ) {
    }
}
