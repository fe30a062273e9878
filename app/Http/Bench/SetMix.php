<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\MixedStep;
use App\Actions\Bench\SetMix as SetMixAction;
use App\Http\Paints\PaintPresenter;
use App\Http\Paints\PaintsResource;
use App\Models\FigureType;
use App\Models\Job;

/** What a step is painted with. */
final readonly class SetMix
{
    public function __construct(
        private SetMixAction $mixing,
        private PaintPresenter $paints,
    ) {
    }

    public function __invoke(MixRequest $request, Job $job): PaintsResource
    {
        $type = $request->filled('figure_type_id') ? FigureType::query()->where('job_id', $job->id)->findOrFail($request->integer('figure_type_id')) : null;
        $step = new MixedStep($job, $type, $request->string('area')->toString(), $request->string('use')->toString(), $request->integer('step'));
        $this->mixing->handle($step, $request->string('mix')->toString(), $request->versionIfAny(), $request->person());

        return $this->paints->all();
    }
}
