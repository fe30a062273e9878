<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheets;
use App\Models\Job;

/** The plan of one job, within that of its studio. */
final readonly class JobPlans
{
    public function __construct(
        private StudioPlans $plans,
        private BenchSheets $sheets,
    ) {
    }

    public function of(Job $job): PlannedJob
    {
        $plan = $this->plans->now();
        $names = WaysOut::names($job->studio_id);

        return new PlannedJob($job, $plan, $names, (new WaysOut($plan, $names, $this->sheets))->of($job));
    }
}
