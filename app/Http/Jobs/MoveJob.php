<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\MoveJob as Moving;
use App\Models\Job;

/** Moves a job to the version in force. */
final readonly class MoveJob
{
    public function __construct(private Moving $moving)
    {
    }

    public function __invoke(MoveJobRequest $request, Job $job): JobResource
    {
        return new JobResource($this->moving->handle($job, $request->to(), $request->versionRead(), $request->person())->refresh());
    }
}
