<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\Propose;
use App\Http\Requests\AnswerProposalRequest;
use App\Http\Resources\ProposalResource;
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
