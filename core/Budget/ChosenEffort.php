<?php

declare(strict_types=1);

namespace Core\Budget;

/** What the minutes are spent on. */
final readonly class ChosenEffort
{
    /** @param  list<string>  $chosen ids, in the order of the items */
    public function __construct(
        public array $chosen,
        public int $minutes,
        public float $gain,
    ) {
    }
}
