<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** Where something is asked there is a criterion to judge it by. */
final readonly class WorkIsJudged implements MendableRule
{
    public const CODE = 'no-criterion';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            if (! $requirement->asksNothing() && $requirement->criteria === []) {
                yield new Finding(self::CODE, $requirement->tier, $requirement->surface);
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$tier} asks for work on {$surface} that no criterion judges; write a sentence that can be true or false of it.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::criteriaFromBelow();
    }

    public function rule(): string
    {
        return 'What is asked for can be judged by at least one sentence.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
