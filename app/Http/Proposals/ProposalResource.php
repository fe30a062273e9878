<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Http\Shared\Resource;
use App\Models\Proposal;
use App\Models\ProposalState;

/**
 * A proposal to change the standard.
 *
 * @phpstan-type Proposal_ array{
 *   id: int,
 *   tier: string,
 *   surface: string,
 *   use: string|null,
 *   text: string,
 *   state: value-of<ProposalState>,
 *   answer: string,
 *   by: string,
 *   answered_by: string|null,
 *   job: string|null,
 *   at: string|null,
 *   version: int,
 * }
 */
final readonly class ProposalResource extends Resource
{
    public function __construct(
        private Proposal $proposal,
    ) {
    }

    /** @return Proposal_ */
    public function toArray(): array
    {
        $proposal = $this->proposal->loadMissing(['user', 'job', 'answerer']);

        return [
            'id' => $proposal->id, 'tier' => $proposal->tier, 'surface' => $proposal->surface, 'use' => $proposal->use, 'text' => $proposal->text,
            'state' => $proposal->state->value, 'answer' => $proposal->answer, 'by' => $proposal->user->name, 'answered_by' => $proposal->answerer?->name,
            'job' => $proposal->job?->name, 'at' => $proposal->created_at?->toIso8601ZuluString(), 'version' => $proposal->version,
        ];
    }
}
