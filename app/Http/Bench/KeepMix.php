<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\KeepRecipe;
use App\Http\Shared\PingResource;
use App\Models\Job;

/** Keeps what was mixed at the bench as the recipe of the scheme. */
final readonly class KeepMix
{
    public function __construct(private KeepRecipe $keeping)
    {
    }

    public function __invoke(KeepMixRequest $request, Job $job): PingResource
    {
        $this->keeping->handle($request->mixedStep($job), $request->person());

        return new PingResource;
    }
}
