<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeUnit as Changing;
use App\Models\Unit;

/** Name and note of a unit. */
final readonly class ChangeUnit
{
    public function __construct(private Changing $changing, private GridPresenter $grids)
    {
    }

    public function __invoke(ChangeUnitRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->changing->rename($unit, $request->string('name')->toString(), $request->string('note')->toString(), $request->versionRead())));
    }
}
