<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/** A line of a sheet with what it is laid with, on how many figures, and its minutes on all of them. */
final readonly class LaidLine
{
    /**
     * @param  string  $paint equal for what is laid with the same; empty where that is not known
     * @param  int  $figures at least 1
     * @param  float  $minutes by brush, on all of them
     */
    public function __construct(
        public PlannedStep|TidyBack $item,
        public string $paint,
        public int $figures,
        public float $minutes,
    ) {
    }
}
