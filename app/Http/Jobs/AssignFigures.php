<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\AssignUnit as AssignUnitAction;

/** Tier and painter of some figures of a job. */
final readonly class AssignFigures
{
    public function __construct(
        private AssignUnitAction $assign,
        private GridPresenter $grids,
    ) {
    }

    public function __invoke(AssignFiguresRequest $request): GridResource
    {
        return $this->grids->of(JobHistory::recorded($request->job(), $request->person(), fn () => $this->assign->figures($request->versionsRead(), $request->change())));
    }
}
