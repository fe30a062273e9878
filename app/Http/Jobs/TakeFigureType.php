<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\FigureTypes\JobTypes;
use App\Actions\Jobs\TakeFigureType as Taking;
use App\Http\Shared\LeadVersionRequest;
use App\Models\FigureType;
use App\Models\Job;

/** Takes a figure type into a job as the studio has it by now. */
final readonly class TakeFigureType
{
    public function __construct(
        private Taking $taking,
        private JobTypes $types,
    ) {
    }

    public function __invoke(LeadVersionRequest $request, Job $job, FigureType $figureType): JobTypesResource
    {
        $taken = $this->taking->handle($job, $figureType->ofJob($job), $request->versionRead());

        return new JobTypesResource($taken, $this->types->of($taken));
    }
}
