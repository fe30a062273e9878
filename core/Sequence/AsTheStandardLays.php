<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;
use Core\NumberText;

/** Within an area the requirement's own order governs, and wet waits. */
final readonly class AsTheStandardLays implements OrderRule
{
    public function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($steps->byArea as $chain) {
            for ($i = 1; $i < count($chain); $i++) {
                yield self::inARow($chain[$i - 1], $chain[$i]);
            }
        }
    }

    private static function inARow(Step $first, Step $second): Constraint
    {
        $dry = $first->technique->dryMinutes;

        return $dry > 0
            ? new Constraint($first->id, $second->id, Reason::Drying, sprintf('%s lies under it and needs %s minutes to dry.', $first->name(), NumberText::of($dry, 1)))
            : new Constraint($first->id, $second->id, Reason::Standard, "The standard lays it after {$first->name()}.");
    }
}
