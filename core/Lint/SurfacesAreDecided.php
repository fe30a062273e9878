<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** A tier says of each surface what it asks, if only that it asks nothing. */
final readonly class SurfacesAreDecided implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->tiersByRank() as $tier) {
            if (! $tier->isCompared()) {
                continue;
            }
            foreach ($standard->surfaces as $surface) {
                if ($standard->requirement($tier->id, $surface->id) === null) {
                    yield new Finding(FindingCode::Undecided, $tier->id, $surface->id);
                }
            }
        }
    }
}
