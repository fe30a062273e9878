<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\JobPlans;
use App\Actions\Planning\SetJobAside as Setting;
use App\Models\Job;

/** Sets a job aside, or takes it up again. */
final readonly class SetJobAside
{
    public function __construct(
        private Setting $action,
        private JobPlans $plans,
    ) {
    }

    public function __invoke(AsideRequest $request, Job $job): JobPlanResource
    {
        return new JobPlanResource($this->plans->of($this->action->handle($job, $request->because(), $request->versionRead(), $request->person())));
    }
}
