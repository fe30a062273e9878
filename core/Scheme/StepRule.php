<?php

declare(strict_types=1);

namespace Core\Scheme;

/** One thing that the steps are read for that a tier lays on an area. A new rule is one class and its test. */
interface StepRule
{
    /** @return iterable<StepFinding> */
    public function findings(TierLadder $ladder): iterable;

    /** What holds where nothing is found. */
    public function rule(): string;
}
