<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\OrderReason;
use Core\Standard\Precedence;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Technique;
use Core\Standard\TechniqueUse;

/** Where what a technique needs before it is missing, or stands after it: on its area, or on the figure as a whole. */
final readonly class Precedences
{
    public const MISSING = 'missing-before';

    public const WRONG_ORDER = 'wrong-order';

    /** @return iterable<Finding> with the code of one of the two */
    public static function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            foreach ($requirement->uses as $place => $use) {
                foreach ($use->techniques as $id) {
                    if ($standard->hasTechnique($id)) {
                        yield from self::ofUse($standard->technique($id), $use, $place, $requirement, $standard);
                    }
                }
            }
        }
    }

    /** @return iterable<Finding> */
    private static function ofUse(Technique $technique, TechniqueUse $use, int $place, Requirement $requirement, Standard $standard): iterable
    {
        foreach ($technique->after as $precedence) {
            $before = self::does($precedence->technique, array_slice($requirement->uses, 0, $place), $standard);
            $after = self::does($precedence->technique, array_slice($requirement->uses, $place + 1), $standard);
            $wide = self::does($precedence->technique, $standard->requirement($requirement->tier, Surface::WHOLE)->uses ?? [], $standard);
            $code = match (true) {
                $before => null,
                $after => self::WRONG_ORDER,
                $precedence->needed && ! $wide => self::MISSING,
                default => null,
            };
            if ($code !== null) {
                yield self::finding($code, $requirement, $use, $technique->name, $standard->technique($precedence->technique)->name, $precedence->why);
            }
        }
        foreach ($technique->before as $precedence) {
            if (self::does($precedence->technique, array_slice($requirement->uses, 0, $place), $standard)) {
                yield self::later($precedence, $technique, $requirement, $standard);
            }
        }
    }

    /** The finding stands at the use that is laid too early. */
    private static function later(Precedence $precedence, Technique $technique, Requirement $requirement, Standard $standard): Finding
    {
        $later = $standard->technique($precedence->technique);
        foreach ($requirement->uses as $use) {
            if ($use->mayTake($later->id)) {
                return self::finding(self::WRONG_ORDER, $requirement, $use, $later->name, $technique->name, $precedence->why);
            }
        }

        return self::finding(self::WRONG_ORDER, $requirement, $requirement->uses[0], $later->name, $technique->name, $precedence->why);
    }

    private static function finding(string $code, Requirement $requirement, TechniqueUse $use, string $name, string $needed, OrderReason $why): Finding
    {
        return new Finding($code, $requirement->tier, $requirement->surface, $use->id, ['name' => $name, 'needed' => $needed, 'why' => $why->inWords()]);
    }

    /**
     * Whether one of these uses is of the technique, or of one that does its work.
     *
     * @param  list<TechniqueUse>  $uses
     */
    private static function does(string $technique, array $uses, Standard $standard): bool
    {
        foreach ($uses as $use) {
            foreach ($use->techniques as $id) {
                if ($id === $technique || ($standard->hasTechnique($id) && in_array($technique, $standard->technique($id)->replaces, true))) {
                    return true;
                }
            }
        }

        return false;
    }
}
