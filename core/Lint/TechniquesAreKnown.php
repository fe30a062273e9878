<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** Each use names techniques that the standard has. */
final readonly class TechniquesAreKnown implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->uses as $use) {
                foreach ($use->techniques as $technique) {
                    if (! $standard->hasTechnique($technique)) {
                        yield new Finding(FindingCode::UnknownTechnique, $requirement->tier, $requirement->surface, $use->id, ['technique' => $technique]);
                    }
                }
            }
        }
    }
}
