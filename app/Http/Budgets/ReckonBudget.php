<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\JobBudget;
use App\Models\Job;

/** Given a budget, which tier for which figures; nothing is stored. */
final readonly class ReckonBudget
{
    public function __construct(private JobBudget $budgets)
    {
    }

    public function __invoke(BudgetRequest $request, Job $job): BudgetResource
    {
        return new BudgetResource($this->budgets->of($job, $request->measure(), $request->budget(), $request->fixed(), $request->boolean('alike', true)));
    }
}
