<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Studios\Waiting;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\JobsResource;
use App\Models\Job;

/** Jobs of the studio. */
final readonly class ListJobs
{
    public function __invoke(AnybodyRequest $request): JobsResource
    {
        return new JobsResource(Waiting::jobs(Job::query()));
    }
}
