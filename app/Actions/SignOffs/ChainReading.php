<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Core\Record\ChainFault;

/** A chain read from its first record to its last. */
final readonly class ChainReading
{
    /** @param  list<ChainFault>  $faults none: every record is as it was sealed */
    public function __construct(
        public int $records,
        public string $head,
        public array $faults,
    ) {
    }

    public function holds(): bool
    {
        return $this->faults === [];
    }
}
