<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\School\SchoolChoice;
use Core\Standard\OrderReason;

/** That one step should come before another. */
final readonly class OrderWish
{
    /**
     * @param  int  $before number of the step that should come first, in the order of composition
     * @param  int  $after number of the step that should wait for it
     * @param  OrderReason|null  $why as the technique says it; null for the other forces
     * @param  SchoolChoice|null  $school that says so; null for the other forces
     */
    public function __construct(
        public int $before,
        public int $after,
        public OrderForce $force,
        public ?OrderReason $why = null,
        public ?SchoolChoice $school = null,
    ) {
    }
}
