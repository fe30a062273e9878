<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\StudioPlans;
use App\Http\Shared\AnybodyRequest;

/** Who has how much to paint, and which jobs are late. */
final readonly class ShowStudioPlan
{
    public function __construct(private StudioPlans $plans)
    {
    }

    public function __invoke(AnybodyRequest $request): StudioPlanResource
    {
        return new StudioPlanResource($this->plans->now(), $request->person()->studio);
    }
}
