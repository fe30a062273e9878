<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Groupings\WriteGrouping;
use App\Actions\History\JobHistory;
use App\Http\Shared\LeadVersionRequest;
use App\Models\Grouping;

/** A grouping is no longer needed; its figures stay as they are. */
final readonly class DeleteGrouping
{
    public function __construct(private WriteGrouping $writing, private GroupingsPresenter $groupings)
    {
    }

    public function __invoke(LeadVersionRequest $request, Grouping $grouping): GroupingsResource
    {
        $job = $grouping->job;
        JobHistory::recorded($job->id, $request->person(), fn () => $this->writing->remove($grouping, $request->versionRead()));

        return $this->groupings->of($job);
    }
}
