<?php

declare(strict_types=1);

namespace App\Http\Groupings;

use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Grouping;
use App\Models\Job;

/** The groupings of a job, as they are after a change. */
final readonly class GroupingsPresenter
{
    public function __construct(private JobFigures $figures, private JobStandards $standards)
    {
    }

    public function of(Job $job): GroupingsResource
    {
        return new GroupingsResource($this->figures->ofJob($job), $this->standards->of($job), array_values(Grouping::query()->where('job_id', $job->id)->with('figures')->orderBy('id')->get()->all()));
    }
}
