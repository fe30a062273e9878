<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** Adds a use of another tier, with the reason and its price. */
final readonly class AddUse
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(AddUseRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->vary->add($request->place($unit), $request->tier(), $request->use(), $request->terms())));
    }
}
