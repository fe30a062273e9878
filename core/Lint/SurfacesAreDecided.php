<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** A tier says of each surface what it asks, if only that it asks nothing. */
final readonly class SurfacesAreDecided implements MendableRule
{
    public const CODE = 'undecided';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->tiersByRank() as $tier) {
            if (! $tier->isCompared()) {
                continue;
            }
            foreach ($standard->surfaces as $surface) {
                if ($standard->requirement($tier->id, $surface->id) === null) {
                    yield new Finding(self::CODE, $tier->id, $surface->id);
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
        return "{$tier} says nothing of {$surface}: write what it asks, or that it is not asked for.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::notAsked();
    }

    public function rule(): string
    {
        return 'Silence is a question, not a no: each tier says of each surface what it asks. By-agreement and retired tiers are left out.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
