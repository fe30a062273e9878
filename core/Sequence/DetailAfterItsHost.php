<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\Standard\TechniqueGroup;

/** Detail on a small area that sits in another comes after that area's lay-in: eyes after the skin, a lens after the metal round it. */
final readonly class DetailAfterItsHost implements OrderRule
{
    public function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($steps->ofGroup(TechniqueGroup::Detail) as $detail) {
            $host = $neighbours->hostOf($detail->area);
            foreach ($host === null ? [] : $steps->on($host->area->id) as $step) {
                if ($step->technique->group === TechniqueGroup::LayIn) {
                    yield new Constraint($step->id, $detail->id, Reason::Access, "It sits in {$step->area->area->id}: {$step->technique->name} round it would spill on it.");
                }
            }
        }
    }
}
