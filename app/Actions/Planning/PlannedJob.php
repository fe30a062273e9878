<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\Job;

/** A job within the plan of its studio. */
final readonly class PlannedJob
{
    /**
     * @param  array<int, string>  $names of people who have an account, by id
     * @param  list<WayOut>  $ways in which it could be painted earlier, where it is late
     */
    public function __construct(
        public Job $job,
        public StudioPlan $plan,
        public array $names,
        public array $ways,
    ) {
    }
}
