<?php

declare(strict_types=1);

namespace Core\Composition;

/** An area about which the tier is silent, agreed as not asked for on this figure. */
final readonly class NotAskedFor
{
    public function __construct(
        public string $area,
        public string $reason,
        public ?Agreement $agreement = null,
    ) {
    }
}
