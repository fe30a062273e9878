<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\TakeRoster as TakeRosterAction;
use App\Http\Requests\RosterRequest;
use App\Http\Resources\RosterResource;
use App\Models\Job;

/** Takes a roster whole, or not at all. */
final readonly class TakeRoster
{
    public function __construct(private TakeRosterAction $taking)
    {
    }

    public function __invoke(RosterRequest $request, Job $job): RosterResource
    {
        $roster = $this->taking->handle($job, $request->roster());

        return new RosterResource($roster, taken: $roster->isSound());
    }
}
