<?php

declare(strict_types=1);

namespace Core\Standard;

/** A member of a tier that differs; the member `id` where the tier came or went. */
final readonly class TierChange
{
    public function __construct(
        public string $tier,
        public string $member,
        public mixed $before,
        public mixed $after,
    ) {
    }
}
