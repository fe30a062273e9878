<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** The assignment grid of a job. */
final readonly class ShowGrid
{
    public function __construct(private GridPresenter $grids)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): GridResource
    {
        return $this->grids->of($job);
    }
}
