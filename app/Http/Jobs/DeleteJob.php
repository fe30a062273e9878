<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\DeleteJob as Deleting;
use App\Actions\Studios\JobStanding;
use App\Http\Shared\LeadVersionRequest;
use App\Models\Job;
use App\Models\JobState;

/** Deletes a job of which nothing was painted and nothing offered; answers with those that are left. */
final readonly class DeleteJob
{
    public function __construct(private Deleting $deleting)
    {
    }

    public function __invoke(LeadVersionRequest $request, Job $job): JobsResource
    {
        $this->deleting->handle($job, $request->versionRead(), $request->person());

        return new JobsResource(JobStanding::of(Job::query()->where('state', '<>', JobState::Archived)));
    }
}
