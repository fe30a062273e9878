<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Composition\ReferenceWork;
use Core\Standard\Standard;
use Core\Why;

/** The reference figure can be painted in the minutes that the tier allows. */
final readonly class WorkFitsTheBudget implements MendableRule
{
    public const CODE = 'over-budget';

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
                yield new Finding(self::CODE, $tier->id, arguments: ['minutes' => $minutes, 'budget' => $tier->budgetMinutes]);
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return sprintf('%s takes %s minutes for the reference figure; its budget is %s.', $tier, $finding->number('minutes'), $finding->number('budget'));
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        $minutes = ceil((float) $finding->arguments['minutes']);

        return Mend::tier('budget_minutes', $minutes, "Allow {$minutes} minutes");
    }

    public function rule(): string
    {
        return 'The minutes of all uses on the reference figure are no more than the tier allows.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
