<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\TakeRoster as TakeRosterAction;
use App\Http\Shared\Answers;
use App\Models\Job;

/** Takes a roster whole, or not at all. */
#[Answers(201, otherwise: 200)]
final readonly class TakeRoster
{
    public function __construct(private TakeRosterAction $taking)
    {
    }

    public function __invoke(RosterRequest $request, Job $job): RosterResource
    {
        $given = $request->roster();
        $roster = JobHistory::recorded($job->id, $request->person(), fn () => $this->taking->handle($job, $given));

        return new RosterResource($roster, $given, taken: $roster->isSound());
    }
}
