<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** One job. */
final readonly class ShowJob
{
    public function __invoke(AnybodyRequest $request, Job $job): JobResource
    {
        return new JobResource($job);
    }
}
