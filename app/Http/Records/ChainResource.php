<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\Resource;
use App\Models\ChainVerification;
use App\Models\SignOff;

/**
 * Whether every record of the studio is as it was signed, as far as the chain was read.
 *
 * @phpstan-type ChainRun array{id: int, whole: bool, read: int}
 * @phpstan-type Chain array{
 *   records: int,
 *   verified: int,
 *   head: string,
 *   holds: bool,
 *   faults: list<string>,
 *   verified_at: string|null,
 *   whole_at: string|null,
 *   run: ChainRun|null,
 *   rule: string,
 * }
 */
final readonly class ChainResource extends Resource
{
    /**
     * @param  ChainVerification|null  $last that was finished; null: none was
     * @param  ChainVerification|null  $run that goes on
     */
    public function __construct(
        private ?ChainVerification $last,
        private ?ChainVerification $run = null,
    ) {
    }

    /** @return Chain */
    public function toArray(): array
    {
        return [
            'records' => SignOff::query()->count(),
            'verified' => $this->last->records ?? 0,
            'head' => $this->last->head ?? '',
            'holds' => $this->last === null || $this->last->holds(),
            'faults' => $this->last->faults ?? [],
            'verified_at' => $this->last?->verified_at->toIso8601ZuluString(),
            'whole_at' => ChainVerification::lastWhole()?->verified_at->toIso8601ZuluString(),
            'run' => $this->run === null ? null : ['id' => $this->run->id, 'whole' => $this->run->after === 0, 'read' => $this->run->records],
            'rule' => 'Each record is written in one form (RFC 8785), hashed with SHA-256, names the hash of the one before it, and is signed (Ed25519) with a key outside the database. It is held against its row, the answers and marks behind it, its own verdict, and the heads kept outside.',
        ];
    }
}
