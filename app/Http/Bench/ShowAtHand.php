<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheets;
use App\Models\Job;
use App\Refusals\NotRight;

/** What to have at hand for a line of a sheet, and how it must look. */
final readonly class ShowAtHand
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    public function __invoke(AtHandRequest $request, Job $job, string $key): AtHandResource
    {
        $sheet = $this->sheets->find($job, $key);
        $step = $sheet->steps[$request->integer('line')] ?? throw NotRight::at('/line', 'unknown-step', 'The sheet has no such step; open it again, it may have changed.');

        return new AtHandResource($sheet, $step);
    }
}
