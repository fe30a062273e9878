<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\JobResource;
use App\Models\Job;

/** One job. */
final readonly class ShowJob
{
    public function __invoke(AnybodyRequest $request, Job $job): JobResource
    {
        return new JobResource($job);
    }
}
