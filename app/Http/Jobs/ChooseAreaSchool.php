<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** The school of one area, for a unit or one figure of it. */
final readonly class ChooseAreaSchool
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(AreaSchoolRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->vary->school($request->place($unit), $request->question(), $request->choice())));
    }
}
