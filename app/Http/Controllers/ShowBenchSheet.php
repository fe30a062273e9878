<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\Mixes;
use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\BenchSheetResource;
use App\Models\Job;

/** One bench sheet. */
final readonly class ShowBenchSheet
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    public function __invoke(AnybodyRequest $request, Job $job, string $key): BenchSheetResource
    {
        return new BenchSheetResource($this->sheets->find($job, $key), Mixes::ofJob($job), $request->person());
    }
}
