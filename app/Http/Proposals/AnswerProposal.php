<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Actions\Proposals\Propose;
use App\Models\Proposal;

/** Takes or declines a proposal. */
final readonly class AnswerProposal
{
    public function __construct(private Propose $propose)
    {
    }

    public function __invoke(AnswerProposalRequest $request, Proposal $proposal): ProposalResource
    {
        return new ProposalResource($this->propose->answer($proposal, $request->state(), $request->answer(), $request->versionRead(), $request->person()));
    }
}
