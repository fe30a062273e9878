<?php

declare(strict_types=1);

namespace Core\Composition;

/** A use left out on one area, with the reason. */
final readonly class Waiver
{
    public function __construct(
        public string $area,
        public string $use,
        public string $reason,
    ) {
        if (trim($reason) === '') {
            throw NoReason::forWaiver($use, $area);
        }
    }
}
