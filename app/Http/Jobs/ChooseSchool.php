<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChooseSchool as Choosing;
use App\Actions\Standards\StandardLibrary;
use App\Models\Job;

/** Lets a job hold to a school of its own. */
final readonly class ChooseSchool
{
    public function __construct(
        private Choosing $choosing,
        private StandardLibrary $library,
    ) {
    }

    public function __invoke(ChooseSchoolRequest $request, Job $job): SchoolsResource
    {
        $changed = JobHistory::recorded($job->id, $request->person(), fn () => $this->choosing->handle($job, $request->question(), $request->choice(), $request->versionRead()));

        return new SchoolsResource($changed, $this->library->of($changed->standard_version_id));
    }
}
