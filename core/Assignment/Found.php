<?php

declare(strict_types=1);

namespace Core\Assignment;

/** The assignment that was found. */
final readonly class Found
{
    /** @param  bool  $isBest whether no other is better; false: not all were looked at */
    public function __construct(
        public Assignment $assignment,
        public bool $isBest,
    ) {
    }
}
