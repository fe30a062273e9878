<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\NoteWish as Noting;
use App\Models\Job;

/** What the client wishes where they have a say. */
final readonly class NoteWish
{
    public function __construct(private Noting $noting)
    {
    }

    public function __invoke(WishRequest $request, Job $job): JobResource
    {
        return new JobResource(JobHistory::recorded($job->id, $request->person(), fn () => $this->noting->handle($job, $request->question(), $request->choice(), $request->versionRead()))->refresh());
    }
}
