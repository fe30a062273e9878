<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\ChainReading;
use App\Http\Shared\Resource;
use Core\Record\ChainFault;

/**
 * Whether every record of the studio is as it was signed.
 *
 * @phpstan-type Chain array{
 *   records: int,
 *   head: string,
 *   holds: bool,
 *   faults: list<array{number: int, message: string}>,
 *   rule: string,
 * }
 */
final readonly class ChainResource extends Resource
{
    public function __construct(private ChainReading $reading)
    {
    }

    /** @return Chain */
    public function toArray(): array
    {
        return [
            'records' => $this->reading->records,
            'head' => $this->reading->head,
            'holds' => $this->reading->holds(),
            'faults' => array_map(static fn (ChainFault $fault): array => ['number' => $fault->number, 'message' => $fault->sentence], $this->reading->faults),
            'rule' => 'Each record is written in one form (RFC 8785), hashed with SHA-256, names the hash of the one before it, and is signed (Ed25519) with a key outside the database. It is held against its row, the answers and marks behind it, its own verdict, and the heads kept outside.',
        ];
    }
}
