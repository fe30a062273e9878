<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Studios\Waiting;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** Jobs of the studio. */
final readonly class ListJobs
{
    public function __invoke(AnybodyRequest $request): JobsResource
    {
        return new JobsResource(Waiting::jobs(Job::query()));
    }
}
