<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeUnit as Changing;
use App\Models\Unit;

/** Further figures of a unit. */
final readonly class AddFigures
{
    public function __construct(private Changing $changing, private GridPresenter $grids)
    {
    }

    public function __invoke(AddFiguresRequest $request, Unit $unit): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->changing->add($unit, $request->integer('count'), $request->figureType(), $request->versionRead())));
    }
}
