<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Why;

/** The verdict on a figure, with the weight of each fault. */
final readonly class Judgement
{
    /**
     * @param  list<Weight>  $weights one a fault, in the order given; of a waived fault without severity
     * @param  array{critical: int, major: int, minor: int}  $counts waived faults left out
     */
    public function __construct(
        public array $weights,
        public array $counts,
        public Verdict $verdict,
        public Why $why,
    ) {
    }
}
