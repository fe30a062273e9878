<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use Core\Budget\ChosenMix;

/** What a budget of a job is best spent on, and what more or less of it would make. */
final readonly class BudgetAnswer
{
    /**
     * @param  list<BudgetGroup>  $groups
     * @param  array<array-key, string>  $fixed tiers that somebody has settled, by group
     * @param  int  $costNow what the groups take as they are assigned now
     * @param  bool  $hasPrices whether every tier on offer has a price for the sizes of the figures
     * @param  ChosenMix|null  $chosen null: not even the cheapest is within the budget
     * @param  list<ChosenMix>  $curve from the cheapest choice upward, each gains more than the one before
     * @param  int  $settled figures that are signed off and stand as they are
     */
    public function __construct(
        public BudgetMeasure $measure,
        public int $budget,
        public array $groups,
        public array $fixed,
        public int $costNow,
        public bool $hasPrices,
        public ?ChosenMix $chosen,
        public array $curve,
        public int $settled,
    ) {
    }
}
