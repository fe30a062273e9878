<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Studios\JobStanding;
use App\Models\Job;
use App\Models\JobState;

/** Jobs of the studio. */
final readonly class ListJobs
{
    public function __invoke(ListJobsRequest $request): JobsResource
    {
        return new JobsResource(JobStanding::of(Job::query()->where('state', $request->archived() ? '=' : '<>', JobState::Archived)));
    }
}
