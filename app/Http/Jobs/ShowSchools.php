<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Standards\StandardLibrary;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** The schools that a job is painted by, as far as they decide the order of steps. */
final readonly class ShowSchools
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): SchoolsResource
    {
        return new SchoolsResource($job, $this->library->of($job->standard_version_id));
    }
}
