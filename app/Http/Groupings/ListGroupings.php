<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** How the figures of a job are grouped otherwise. */
final readonly class ListGroupings
{
    public function __construct(private GroupingsPresenter $groupings)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): GroupingsResource
    {
        return $this->groupings->of($job);
    }
}
