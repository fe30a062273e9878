<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** What running jobs have is decided at every tier that is offered. */
final readonly class RunningSurfacesAreDecided implements LintRule
{
    /** @param  list<string>  $inUse surfaces that running jobs have */
    public function __construct(private array $inUse)
    {
    }

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->tiersByRank() as $tier) {
            foreach ($standard->surfaces as $surface) {
                if ($tier->isCompared() && in_array($surface->id, $this->inUse, true) && $standard->requirement($tier->id, $surface->id) === null) {
                    yield new Finding(FindingCode::UndecidedInUse, $tier->id, $surface->id);
                }
            }
        }
    }
}
