<?php

declare(strict_types=1);

namespace Core\Record;

/** Where a chain of records does not hold, and how that shows. */
final readonly class ChainFault
{
    public function __construct(
        public int $number,
        public string $sentence,
    ) {
    }
}
