<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Http\Shared\Resource;
use App\Models\Proposal;

/**
 * @phpstan-import-type Proposal_ from ProposalResource
 */
final readonly class ProposalsResource extends Resource
{
    /** @param  list<Proposal>  $proposals */
    public function __construct(private array $proposals)
    {
    }

    /** @return list<Proposal_> */
    public function toArray(): array
    {
        return array_map(static fn (Proposal $proposal): array => (new ProposalResource($proposal))->toArray(), $this->proposals);
    }
}
