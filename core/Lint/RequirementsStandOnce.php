<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** What a tier asks of a surface is written once. */
final readonly class RequirementsStandOnce implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        $seen = [];
        foreach ($standard->requirements as $requirement) {
            if (isset($seen[$requirement->tier][$requirement->surface])) {
                yield new Finding(FindingCode::DuplicateRequirement, $requirement->tier, $requirement->surface);
            }
            $seen[$requirement->tier][$requirement->surface] = true;
        }
    }
}
