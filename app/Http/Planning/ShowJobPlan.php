<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\JobPlans;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** What is painted of a job when, among everything else that its painters have. */
final readonly class ShowJobPlan
{
    public function __construct(private JobPlans $plans)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): JobPlanResource
    {
        return new JobPlanResource($this->plans->of($job));
    }
}
