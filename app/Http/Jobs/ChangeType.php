<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeType as Changing;
use App\Models\Unit;

/** A unit, or some figures of it, are of another type. */
final readonly class ChangeType
{
    public function __construct(private Changing $changing, private GridPresenter $grids)
    {
    }

    public function __invoke(ChangeTypeRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->changing->handle($unit, $request->figures(), $request->string('figure_type')->toString(), $request->versionRead())));
    }
}
