<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\JobPlans;
use App\Actions\Planning\PromiseJob as Promising;
use App\Models\Job;

/** Keeps the day that a client was told. */
final readonly class PromiseJob
{
    public function __construct(
        private Promising $action,
        private JobPlans $plans,
    ) {
    }

    public function __invoke(PromiseRequest $request, Job $job): JobPlanResource
    {
        return new JobPlanResource($this->plans->of($this->action->handle($job, $request->on(), $request->versionRead(), $request->person())));
    }
}
