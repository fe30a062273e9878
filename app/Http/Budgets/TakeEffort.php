<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\TakeEffort as Taking;
use App\Actions\History\JobHistory;
use App\Http\Jobs\GridPresenter;
use App\Http\Jobs\GridResource;
use App\Models\Job;

/** Gives areas the tiers that more minutes were spent on. */
final readonly class TakeEffort
{
    public function __construct(private Taking $taking, private GridPresenter $grids)
    {
    }

    public function __invoke(TakeEffortRequest $request, Job $job): GridResource
    {
        return $this->grids->of(JobHistory::recorded($job->id, $request->person(), fn () => $this->taking->handle($job, $request->areas())));
    }
}
