<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\History\JobHistory;
use App\Actions\Jobs\VaryArea;
use App\Models\Variation;

/** Takes back what was agreed of an area. */
final readonly class UnwaiveUse
{
    public function __construct(private VaryArea $vary, private GridPresenter $grids)
    {
    }

    public function __invoke(UnwaiveRequest $request, Variation $variation): GridResource
    {
        return $this->grids->ofUnit(JobHistory::recorded($variation->unit->job_id, $request->person(), fn () => $this->vary->unwaive($variation, $request->figures($variation->unit), $request->versionRead())));
    }
}
