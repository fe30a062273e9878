<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheets;
use App\Http\Shared\AnybodyRequest;
use App\Models\Job;

/** One bench sheet. */
final readonly class ShowBenchSheet
{
    public function __construct(
        private BenchSheets $sheets,
    ) {
    }

    public function __invoke(AnybodyRequest $request, Job $job, string $key): BenchSheetResource
    {
        $sheet = $this->sheets->find($job, $key);

        return new BenchSheetResource($sheet, $request->person());
    }
}
