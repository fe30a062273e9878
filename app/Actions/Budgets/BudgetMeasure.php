<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

/** What a budget is counted in. */
enum BudgetMeasure: string
{
    case Minutes = 'minutes';
    case Money = 'money';
}
