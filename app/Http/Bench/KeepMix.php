<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Schemes\KeepRecipe;
use App\Http\Shared\PingResource;
use App\Models\FigureType;
use App\Models\Job;

/** Keeps what was mixed at the bench as the recipe of the scheme. */
final readonly class KeepMix
{
    public function __construct(private KeepRecipe $keeping)
    {
    }

    public function __invoke(KeepMixRequest $request, Job $job): PingResource
    {
        $type = FigureType::query()->where('job_id', $job->id)->findOrFail($request->integer('figure_type_id'));
        $this->keeping->handle($job, $type, $request->string('area')->toString(), $request->string('use')->toString(), $request->integer('step'), $request->person());

        return new PingResource;
    }
}
