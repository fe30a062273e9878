<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\School\SchoolChoice;
use Core\Standard\OrderReason;

/** A step that another had to wait for. */
final readonly class After
{
    /**
     * @param  OrderReason|null  $why as a technique says it; null for the other forces
     * @param  SchoolChoice|null  $school that says so; null for the other forces
     */
    public function __construct(
        public Step $step,
        public OrderForce $force,
        public ?OrderReason $why = null,
        public ?SchoolChoice $school = null,
    ) {
    }
}
