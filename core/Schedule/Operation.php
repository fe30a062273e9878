<?php

declare(strict_types=1);

namespace Core\Schedule;

/** A step done on one model. Minutes from the beginning of the batch; the setup, if any, is before the start. */
final readonly class Operation
{
    /**
     * @param  int  $step number of the step
     * @param  int  $model from 1
     */
    public function __construct(
        public int $step,
        public int $model,
        public float $start,
        public float $end,
    ) {
    }
}
