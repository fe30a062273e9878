<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\SetMix as SetMixAction;
use App\Http\Paints\PaintPresenter;
use App\Http\Paints\PaintsResource;
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
        $this->mixing->handle($request->mixedStep($job), $request->string('mix')->toString(), $request->versionIfAny(), $request->person());

        return $this->paints->all();
    }
}
