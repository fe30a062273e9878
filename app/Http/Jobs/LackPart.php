<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** Says that figures have no such area. */
final readonly class LackPart
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(LackPartRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->vary->lack($request->place($unit), $request->terms())));
    }
}
