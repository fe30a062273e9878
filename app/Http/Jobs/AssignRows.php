<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\AssignRows as Assigning;
use App\Models\Job;

/** Painter or tier of many rows of the grid, or the tier of one area on all of them. */
final readonly class AssignRows
{
    public function __construct(private Assigning $assign, private GridPresenter $grids)
    {
    }

    public function __invoke(AssignRowsRequest $request, Job $job): GridResource
    {
        $rows = $request->rowsRead();
        $area = $request->area();

        return $this->grids->of(JobHistory::recorded($job->id, $request->person(), fn () => match (true) {
            array_filter(array_column($rows, 'own')) !== [] => $this->assign->own($job, $rows),
            $area !== null => $this->assign->areaTier($job, $rows, $area, $request->to()),
            default => $this->assign->tier($job, $rows, $request->tier()),
        }));
    }
}
