<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Grids;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\GridResource;
use App\Models\Job;

/** The assignment grid of a job. */
final readonly class ShowGrid
{
    public function __construct(private Grids $grids)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job): GridResource
    {
        return $this->grids->of($job);
    }
}
