<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Http\Shared\AnybodyRequest;
use App\Models\Proposal;

/** Proposals to change the standard, open ones first. */
final readonly class ListProposals
{
    public function __invoke(AnybodyRequest $request): ProposalsResource
    {
        return new ProposalsResource(array_values(Proposal::query()->with(['user', 'job', 'answerer'])->orderByRaw("state = 'open' DESC")->orderByDesc('id')->limit(200)->get()->all()));
    }
}
