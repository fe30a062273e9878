<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;

/** One reason of the trade to do a step before another. Reads group, surface and settings, never a technique's id. */
interface OrderRule
{
    /** @return iterable<Constraint> */
    public function constraints(Steps $steps, Neighbours $neighbours): iterable;
}
