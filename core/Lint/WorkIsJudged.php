<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** Where something is asked there is a criterion to judge it by. */
final readonly class WorkIsJudged implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            if (! $requirement->asksNothing() && $requirement->criteria === []) {
                yield new Finding(FindingCode::NoCriterion, $requirement->tier, $requirement->surface);
            }
        }
    }
}
