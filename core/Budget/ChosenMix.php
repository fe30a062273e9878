<?php

declare(strict_types=1);

namespace Core\Budget;

/** One tier for every group, within a budget. */
final readonly class ChosenMix
{
    /** @param  array<array-key, string>  $choice tier by group, in the order of the groups */
    public function __construct(
        public array $choice,
        public int $cost,
        public float $gain,
    ) {
    }
}
