<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\ChangeUnit as Changing;
use App\Models\Unit;

/** Takes figures away that nothing happened to. */
final readonly class RemoveFigures
{
    public function __construct(private Changing $changing, private GridPresenter $grids)
    {
    }

    public function __invoke(RemoveFiguresRequest $request, Unit $unit): GridResource
    {
        return $this->grids->of(JobHistory::recorded($unit->job_id, $request->person(), fn () => $this->changing->remove($unit, $request->figures(), $request->versionRead())));
    }
}
