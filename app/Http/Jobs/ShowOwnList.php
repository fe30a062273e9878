<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Composing\JobStandards;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** What a job says itself of a tier by agreement. */
final readonly class ShowOwnList
{
    public function __construct(private JobStandards $standards)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job, string $tier): OwnListResource
    {
        return new OwnListResource($job, $tier, $this->standards->of($job));
    }
}
