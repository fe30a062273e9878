<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Models\Job;
use App\Models\JobChange;

/** What was changed of a job, the latest first. */
final readonly class ListJobChanges
{
    private const ON_A_PAGE = 50;

    public function __invoke(JobChangesRequest $request, Job $job): JobChangesResource
    {
        return new JobChangesResource(JobChange::query()->with(['user', 'takenBackBy'])->where('job_id', $job->id)->orderByDesc('number')->paginate(self::ON_A_PAGE));
    }
}
