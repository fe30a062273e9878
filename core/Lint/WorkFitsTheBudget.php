<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\ReferenceWork;
use Core\Standard\Standard;

/** The reference figure can be painted in the minutes that the tier allows. */
final readonly class WorkFitsTheBudget implements LintRule
{
    /** Sums of decimal fractions are off by less than this many minutes. */
    public const ROUNDING = 1e-9;

    public function findings(Standard $standard): iterable
    {
        $work = new ReferenceWork($standard);
        foreach ($standard->tiersByRank() as $tier) {
            if (! $tier->isCompared()) {
                continue;
            }
            $minutes = $work->of($tier)->minutes;
            if ($minutes > $tier->budgetMinutes + self::ROUNDING) {
                yield new Finding(FindingCode::OverBudget, $tier->id, arguments: ['minutes' => $minutes, 'budget' => $tier->budgetMinutes]);
            }
        }
    }
}
