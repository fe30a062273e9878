<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\BenchSheets;
use App\Actions\Bench\Clock;
use App\Models\Figure;
use App\Models\WorkedTime;

/** Corrects how long a step took. Answers with the sheet of the figures that it was done on. */
final readonly class CorrectTime
{
    public function __construct(
        private Clock $clock,
        private BenchSheets $sheets,
    ) {
    }

    public function __invoke(TimeRequest $request, WorkedTime $workedTime): BenchSheetResource
    {
        $time = $this->clock->correct($workedTime, $request->minutes(), $request->versionRead(), $request->person());

        return new BenchSheetResource($this->sheets->ofFigure(Figure::query()->findOrFail($time->figures[0])), $request->person());
    }
}
