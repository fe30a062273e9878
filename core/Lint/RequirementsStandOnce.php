<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** What a tier asks of a surface is written once. */
final readonly class RequirementsStandOnce implements LintRule
{
    public const CODE = 'duplicate-requirement';

    public function findings(Standard $standard): iterable
    {
        $seen = [];
        foreach ($standard->requirements as $requirement) {
            if (isset($seen[$requirement->tier][$requirement->surface])) {
                yield new Finding(self::CODE, $requirement->tier, $requirement->surface);
            }
            $seen[$requirement->tier][$requirement->surface] = true;
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "What {$tier} asks of {$surface} is written twice; keep one.";
    }

    public function rule(): string
    {
        return 'What a tier asks of a surface is written once.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
