<?php

declare(strict_types=1);

namespace Core\Standard;

/** That another technique comes before this one, or after it, and why. */
final readonly class Precedence
{
    /** @param  bool  $needed whether it may not be missing; only what comes before can be needed */
    public function __construct(
        public string $technique,
        public OrderReason $why,
        public bool $needed = false,
        public OrderWhere $where = OrderWhere::Area,
    ) {
    }
}
