<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Job;
use App\Models\SchemeArea;
use App\Models\SignOff;
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
        $figures = $this->figures->ofJob($job);
        /** @var array<int, int> $records */
        $records = SignOff::query()->whereIn('figure_id', array_map(static fn (ComposedFigure $one): int => $one->id, $figures))->pluck('id', 'figure_id')->all();

        return new GridResource($figures, $this->standards->of($job), $records, $job, SchemeArea::query()->whereRelation('scheme', 'force_id', $job->force_id)->exists());
    }

    public function ofUnit(Unit $unit): GridResource
    {
        return $this->of($unit->job()->firstOrFail());
    }
}
