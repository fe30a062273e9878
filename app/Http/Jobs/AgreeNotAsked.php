<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Unit;

/** Agrees that nothing is asked of an area about which the standard is silent. */
final readonly class AgreeNotAsked
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(NotAskedRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->vary->notAsked($request->place($unit), $request->terms())));
    }
}
