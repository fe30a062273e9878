<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Composing\JobFigures;
use App\Actions\Standards\StandardLibrary;
use App\Http\Resources\GridResource;
use App\Models\Job;
use App\Models\Unit;

/** The grid of a job, as it is after a change. */
final readonly class Grids
{
    public function __construct(
        private JobFigures $figures,
        private StandardLibrary $library,
    ) {
    }

    public function of(Job $job): GridResource
    {
        return new GridResource($this->figures->ofJob($job), $this->library->of($job->standard_version_id));
    }

    public function ofUnit(Unit $unit): GridResource
    {
        return $this->of($unit->job()->firstOrFail());
    }
}
