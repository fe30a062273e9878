<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\NameFigure as Naming;
use App\Models\Figure;

/** Gives a figure a name of its own. */
final readonly class NameFigure
{
    public function __construct(private Naming $naming, private GridPresenter $grids)
    {
    }

    public function __invoke(NameFigureRequest $request, Figure $figure): GridResource
    {
        JobHistory::recorded($figure->unit->job_id, $request->person(), fn () => $this->naming->handle($figure, $request->string('name')->toString(), $request->versionRead()));

        return $this->grids->ofUnit($figure->unit);
    }
}
