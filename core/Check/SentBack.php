<?php

declare(strict_types=1);

namespace Core\Check;

/** The lead's word against the numbers: the figure goes back, for this reason. */
final readonly class SentBack
{
    public function __construct(
        public string $by,
        public string $reason,
    ) {
    }
}
