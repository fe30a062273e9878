<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\MixedStep;
use App\Models\FigureType;
use App\Models\Job;

/** A request that names a step of a job by what is mixed for it. */
trait MeansMixedStep
{
    public function mixedStep(Job $job): MixedStep
    {
        return new MixedStep(
            $job,
            $this->filled('figure_type_id') ? FigureType::query()->where('job_id', $job->id)->findOrFail($this->integer('figure_type_id')) : null,
            $this->filled('scheme_id') ? $this->integer('scheme_id') : null,
            $this->string('area')->toString(),
            $this->string('use')->toString(),
            $this->integer('step'),
        );
    }
}
