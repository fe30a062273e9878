<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\SettleSilence as Settling;
use App\Models\Job;

/** Settles a question about which the standard is silent for the whole job: nothing is asked there. */
final readonly class SettleSilence
{
    public function __construct(private Settling $settling, private GridPresenter $grids)
    {
    }

    public function __invoke(SettleSilenceRequest $request, Job $job): GridResource
    {
        return $this->grids->of(JobHistory::recorded($job->id, $request->person(), fn () => $this->settling->handle($job, $request->tier(), $request->surface(), $request->terms())));
    }
}
