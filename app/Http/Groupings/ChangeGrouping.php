<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Groupings\WriteGrouping;
use App\Actions\History\JobHistory;
use App\Models\Grouping;

/** A grouping with other groups, or another name. */
final readonly class ChangeGrouping
{
    public function __construct(private WriteGrouping $writing, private GroupingsPresenter $groupings)
    {
    }

    public function __invoke(ChangeGroupingRequest $request, Grouping $grouping): GroupingsResource
    {
        JobHistory::recorded($grouping->job_id, $request->person(), fn () => $this->writing->change($grouping, $request->called(), $request->groups(), $request->versionRead()));

        return $this->groupings->of($grouping->job);
    }
}
