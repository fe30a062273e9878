<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\JobStandards;
use App\Actions\History\JobHistory;
use App\Actions\Jobs\OwnList;
use App\Models\Job;

/** Writes, or takes away, what a tier by agreement asks of one surface in this job. */
final readonly class WriteOwnRequirement
{
    public function __construct(private OwnList $own, private JobStandards $standards)
    {
    }

    public function __invoke(OwnRequirementRequest $request, Job $job): OwnListResource
    {
        $tier = $request->string('tier')->toString();
        $surface = $request->string('surface')->toString();
        $value = $request->requirement();
        $changed = JobHistory::recorded($job->id, $request->person(), fn () => $value === null
            ? $this->own->remove($job, $tier, $surface, $request->versionRead())
            : $this->own->write($job, $tier, $surface, $value, $request->versionRead()));

        return new OwnListResource($changed, $tier, $this->standards->of($changed));
    }
}
