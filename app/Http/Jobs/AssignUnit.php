<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\AssignUnit as AssignUnitAction;
use App\Models\Unit;

/** Tier and painter of a unit. */
final readonly class AssignUnit
{
    public function __construct(private AssignUnitAction $assign, private GridPresenter $grids)
    {
    }

    public function __invoke(AssignUnitRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->assign->unit($unit, $request->versionRead(), $request->change())));
    }
}
