<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A step in its place, with all that had to come before it. */
final readonly class PlannedStep
{
    /** @param  list<Constraint>  $constraints */
    public function __construct(
        public Step $step,
        public array $constraints,
    ) {
    }
}
