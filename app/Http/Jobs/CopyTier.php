<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\JobStandards;
use App\Actions\History\JobHistory;
use App\Actions\Jobs\OwnList;
use App\Models\Job;

/** Begins a job's own list for a tier by agreement with what another tier asks. */
final readonly class CopyTier
{
    public function __construct(private OwnList $own, private JobStandards $standards)
    {
    }

    public function __invoke(CopyTierRequest $request, Job $job): OwnListResource
    {
        $tier = $request->string('tier')->toString();
        $changed = JobHistory::recorded($job->id, $request->person(), fn () => $this->own->copy($job, $tier, $request->string('from')->toString(), $request->versionRead()));

        return new OwnListResource($changed, $tier, $this->standards->of($changed));
    }
}
