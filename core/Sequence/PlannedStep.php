<?php

declare(strict_types=1);

namespace Core\Sequence;

/** A step in its place, with all that put it there. */
final readonly class PlannedStep
{
    /**
     * @param list<Constraint> $constraints what had to come before it
     * @param list<string> $tidyBack areas finished before that it may have soiled, to be tidied back right after it
     */
    public function __construct(
        public Step $step,
        public array $constraints,
        public array $tidyBack,
    ) {}
}
