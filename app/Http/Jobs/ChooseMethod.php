<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** Chooses the method of a use that leaves it open. */
final readonly class ChooseMethod
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(ChooseRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->vary->choose($request->place($unit), $request->use(), $request->technique(), $request->person())));
    }
}
