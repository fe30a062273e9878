<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\ReadRoster;
use App\Models\Job;

/** Reads a roster without taking it. */
final readonly class PreviewRoster
{
    public function __construct(private ReadRoster $reading)
    {
    }

    public function __invoke(RosterRequest $request, Job $job): RosterResource
    {
        $given = $request->roster();

        return new RosterResource($this->reading->handle($job, $given), $given, taken: false);
    }
}
