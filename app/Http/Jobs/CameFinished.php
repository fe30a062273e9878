<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\CameFinished as Saying;
use App\Models\Unit;

/** Says of figures that they came finished, or that they did not. */
final readonly class CameFinished
{
    public function __construct(private Saying $saying, private GridPresenter $grids)
    {
    }

    public function __invoke(CameFinishedRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->saying->handle($unit, $request->figures(), $request->boolean('finished'), $request->versionRead())));
    }
}
