<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\Standard\OutOfRange;

/** Something that minutes can be spent on. */
final readonly class EffortItem
{
    /**
     * @param  int  $minutes at least 0
     * @param  float  $gain in any unit, the same for all items
     * @param  string|null  $needs id of the item without which it is nothing; null: none
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public float $gain,
        public ?string $needs = null,
    ) {
        if ($minutes < 0) {
            throw OutOfRange::below('minutes', 0, $minutes);
        }
    }
}
