<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Actions\Proposals\Propose;
use App\Http\Shared\Answers;
use App\Models\Job;

/** A proposal from the bench or a check. */
#[Answers(201)]
final readonly class ProposeChange
{
    public function __construct(private Propose $propose)
    {
    }

    public function __invoke(ProposeRequest $request, Job $job): ProposalResource
    {
        return new ProposalResource($this->propose->handle($job, $request->tier(), $request->surface(), $request->use(), $request->text(), $request->person()));
    }
}
