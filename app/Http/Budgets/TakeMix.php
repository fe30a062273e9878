<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\TakeMix as Taking;
use App\Actions\History\JobHistory;
use App\Http\Jobs\GridPresenter;
use App\Http\Jobs\GridResource;
use App\Models\Job;

/** Gives units and figures of a job the tiers that a budget was spent on. */
final readonly class TakeMix
{
    public function __construct(private Taking $taking, private GridPresenter $grids)
    {
    }

    public function __invoke(MixRequest $request, Job $job): GridResource
    {
        return $this->grids->of(JobHistory::recorded($job->id, $request->person(), fn () => $this->taking->handle($job, $request->tiers('units'), $request->tiers('figures'))));
    }
}
