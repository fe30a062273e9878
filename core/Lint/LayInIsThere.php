<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;

/** A surface that needs a lay-in, and is asked for, has one. */
final readonly class LayInIsThere implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $needsOne = $standard->surface($requirement->surface)->needsLayIn;
            if ($needsOne && ! $requirement->asksNothing() && ! self::hasLayIn($requirement, $standard)) {
                yield new Finding(FindingCode::NoLayIn, $requirement->tier, $requirement->surface);
            }
        }
    }

    private static function hasLayIn(Requirement $requirement, Standard $standard): bool
    {
        foreach ($requirement->uses as $use) {
            foreach ($use->techniques as $technique) {
                if ($standard->hasTechnique($technique) && $standard->technique($technique)->group === TechniqueGroup::LayIn) {
                    return true;
                }
            }
        }

        return false;
    }
}
