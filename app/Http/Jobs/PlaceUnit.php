<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeUnit as Changing;
use App\Models\Unit;

/** Where a unit stands among those of its job. */
final readonly class PlaceUnit
{
    public function __construct(private Changing $changing, private GridPresenter $grids)
    {
    }

    public function __invoke(PlaceUnitRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->changing->place($unit, $request->before(), $request->versionRead())));
    }
}
