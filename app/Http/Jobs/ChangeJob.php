<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeJob as Changing;
use App\Models\Job;

/** Name, client, force, due date, notes and purpose of a job, and whether it runs. */
final readonly class ChangeJob
{
    public function __construct(private Changing $changing)
    {
    }

    public function __invoke(ChangeJobRequest $request, Job $job): JobResource
    {
        return new JobResource(JobHistory::recorded($job->id, $request->person(), fn () => $this->changing->handle(
            $job,
            $request->said(),
            $request->versionRead(),
        ))->refresh());
    }
}
