<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Groupings\WriteGrouping;
use App\Actions\History\JobHistory;
use App\Models\Job;

/** The figures of a job get a grouping more. */
final readonly class MakeGrouping
{
    public function __construct(private WriteGrouping $writing, private GroupingsPresenter $groupings)
    {
    }

    public function __invoke(GroupingRequest $request, Job $job): GroupingsResource
    {
        JobHistory::recorded($job->id, $request->person(), fn () => $this->writing->make($job, $request->called(), $request->groups()));

        return $this->groupings->of($job);
    }
}
