<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Standard\Severity;
use Core\Why;

/** How bad a fault is. */
final readonly class Weight
{
    /** @param  Severity|null  $severity null: it does not count */
    public function __construct(
        public ?Severity $severity,
        public string $sentence,
        public Why $why,
    ) {
    }

    public function counts(): bool
    {
        return $this->severity !== null;
    }
}
