<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\JobEffort;
use App\Models\Job;

/** Where more minutes of a job are best spent; nothing is stored. */
final readonly class ReckonEffort
{
    public function __construct(private JobEffort $effort)
    {
    }

    public function __invoke(EffortRequest $request, Job $job): EffortResource
    {
        return new EffortResource($this->effort->of($job, $request->minutes()));
    }
}
