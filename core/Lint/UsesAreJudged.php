<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Criterion;
use Core\Standard\Standard;

/** Each use is judged by a criterion. Where there is none at all, that is a finding of its own. */
final readonly class UsesAreJudged implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->criteria === [] ? [] : $requirement->uses as $use) {
                $judging = array_filter($requirement->criteria, static fn (Criterion $criterion): bool => $criterion->judges($use->id));
                if ($judging === []) {
                    yield new Finding(FindingCode::UnjudgedUse, $requirement->tier, $requirement->surface, $use->id);
                }
            }
        }
    }
}
