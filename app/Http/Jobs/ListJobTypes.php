<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\FigureTypes\JobTypes;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** The figure types of a job, and what those of the studio are otherwise. */
final readonly class ListJobTypes
{
    public function __construct(private JobTypes $types)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): JobTypesResource
    {
        return new JobTypesResource($job, $this->types->of($job));
    }
}
