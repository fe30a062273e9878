<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\ProposePainters;
use App\Models\Job;

/** Who could paint what of a job, and who should. */
final readonly class ShowPainters
{
    public function __construct(private ProposePainters $proposing)
    {
    }

    public function __invoke(PaintersRequest $request, Job $job): PaintersResource
    {
        return new PaintersResource($this->proposing->handle($job, $request->anew()));
    }
}
