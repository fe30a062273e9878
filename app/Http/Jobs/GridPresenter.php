<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Job;
use App\Models\Unit;

/** The grid of a job, as it is after a change. */
final readonly class GridPresenter
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
    ) {
    }

    public function of(Job $job): GridResource
    {
        return new GridResource($this->figures->ofJob($job), $this->standards->of($job));
    }

    public function ofUnit(Unit $unit): GridResource
    {
        return $this->of($unit->job()->firstOrFail());
    }
}
