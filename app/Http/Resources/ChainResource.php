<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Core\Record\ChainFault;

/**
 * Whether every record of the studio is as it was signed.
 *
 * @phpstan-type Chain array{records: int, holds: bool, faults: list<array{number: int, message: string}>, rule: string}
 */
final readonly class ChainResource extends Resource
{
    /** @param  list<ChainFault>  $faults */
    public function __construct(
        private int $records,
        private array $faults,
    ) {
    }

    /** @return Chain */
    public function toArray(): array
    {
        return [
            'records' => $this->records,
            'holds' => $this->faults === [],
            'faults' => array_map(static fn (ChainFault $fault): array => ['number' => $fault->number, 'message' => $fault->sentence], $this->faults),
            'rule' => 'Each record is written in one form (RFC 8785), hashed with SHA-256, and names the hash of the record before it; the first names 64 zeros.',
        ];
    }
}
