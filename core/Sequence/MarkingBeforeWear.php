<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\Standard\TechniqueGroup;

/** Markings come before wear: a decal on finished wear would look new, and takes no hold on powder. */
final readonly class MarkingBeforeWear implements OrderRule
{
    public function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($steps->ofGroup(TechniqueGroup::Wear) as $wear) {
            foreach ($steps->ofGroup(TechniqueGroup::Marking) as $marking) {
                if ($marking->area !== $wear->area) {
                    yield new Constraint($marking->id, $wear->id, Reason::Adhesion, "{$marking->name()} comes before wear, so that it wears like the rest and holds.");
                }
            }
        }
    }
}
