<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;

/** What prepares and grounds the whole figure comes before everything else; its finish and last tidying after everything else. */
final readonly class WholeFigureFrames implements OrderRule
{
    public function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($steps->chainsOf(Surface::WHOLE) as $whole) {
            foreach ($whole as $step) {
                yield from self::against($step, $steps->chainsOfParts());
            }
        }
    }

    /**
     * @param  list<list<Step>>  $chains
     * @return iterable<Constraint>
     */
    private static function against(Step $step, array $chains): iterable
    {
        foreach ($chains as $chain) {
            $first = $chain[0];
            $last = $chain[count($chain) - 1];
            yield from match ($step->technique->group) {
                TechniqueGroup::Prepare => [new Constraint($step->id, $first->id, Reason::Adhesion, "{$step->technique->name} comes before all paint: what is not clean shows under it.")],
                TechniqueGroup::Ground => [new Constraint($step->id, $first->id, Reason::Adhesion, "{$step->technique->name} lies under all paint and holds it.")],
                TechniqueGroup::Finish => [new Constraint($last->id, $step->id, Reason::Protection, "{$step->technique->name} seals what is finished; nothing is painted on it.")],
                TechniqueGroup::Tidy => [new Constraint($last->id, $step->id, Reason::Access, "{$step->technique->name} is the last look at everything that was done.")],
                default => [],
            };
        }
    }
}
