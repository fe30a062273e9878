<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Criterion;
use Core\Standard\Standard;
use Core\Why;

/** Each use is judged by a criterion. Where there is none at all, that is a finding of its own. */
final readonly class UsesAreJudged implements LintRule
{
    public const CODE = 'unjudged-use';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->criteria === [] ? [] : $requirement->uses as $use) {
                $judging = array_filter($requirement->criteria, static fn (Criterion $criterion): bool => $criterion->judges($use->id));
                if ($judging === []) {
                    yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $use->id);
                }
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "No criterion judges \"{$finding->use}\" on {$surface}: bind one to it, or write one for the whole area.";
    }

    public function rule(): string
    {
        return 'A use that nobody judges is a promise that nobody keeps. A criterion without uses judges its whole area.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
