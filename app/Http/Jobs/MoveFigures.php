<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\MoveFigures as Moving;
use App\Models\Unit;

/** Figures leave their unit, for one of their own or for another of the job. */
final readonly class MoveFigures
{
    public function __construct(private Moving $moving, private GridPresenter $grids)
    {
    }

    public function __invoke(MoveFiguresRequest $request, Unit $unit): GridResource
    {
        $to = $request->to();

        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $to === null
            ? $this->moving->apart($unit, $request->figures(), $request->string('name')->toString(), $request->versionRead())
            : $this->moving->over($unit, $request->figures(), $to, $request->versionRead())));
    }
}
