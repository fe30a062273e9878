<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Composition\Neighbours;

/** The rim is painted after the ground, which spills on it. */
final readonly class RimAfterGround implements OrderRule
{
    private const GROUND = 'ground';

    private const RIM = 'rim';

    public function constraints(Steps $steps, Neighbours $neighbours): iterable
    {
        foreach ($steps->chainsOf(self::RIM) as $rim) {
            foreach ($steps->chainsOf(self::GROUND) as $ground) {
                $last = $ground[count($ground) - 1];
                yield new Constraint($last->id, $rim[0]->id, Reason::Protection, "{$last->name()} spills on the rim, which would have to be painted again.");
            }
        }
    }
}
