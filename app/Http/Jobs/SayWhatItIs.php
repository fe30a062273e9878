<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\SayWhatItIs as Saying;
use App\Actions\Standards\StandardLibrary;
use App\Models\FigureType;
use App\Models\Job;

/** Says what an area is of which nobody was sure. */
final readonly class SayWhatItIs
{
    public function __construct(
        private Saying $saying,
        private StandardLibrary $library,
        private GridPresenter $grids,
    ) {
    }

    public function __invoke(WhatItIsRequest $request, Job $job, FigureType $figureType): GridResource
    {
        return $this->grids->of($this->saying->handle(
            $job,
            $figureType->ofJob($job),
            $request->string('area')->toString(),
            $request->string('surface')->toString(),
            $this->library->of($job->standard_version_id)->surfaceIds(),
            $request->versionRead(),
        ));
    }
}
