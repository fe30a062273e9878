<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\OrderWhere;
use Core\Standard\Precedence;

/** What a technique says of others: which come before it and which after, on the same area or anywhere on the figure. */
final readonly class TechniquesInTurn implements OrderRule
{
    public function wishes(Steps $steps): iterable
    {
        foreach ($steps->all as $step) {
            foreach ($step->technique->after as $said) {
                foreach (self::meant($said, $step, $steps) as $other) {
                    yield new OrderWish($other->number, $step->number, OrderForce::Technique, $said->why);
                }
            }
            foreach ($step->technique->before as $said) {
                foreach (self::meant($said, $step, $steps) as $other) {
                    yield new OrderWish($step->number, $other->number, OrderForce::Technique, $said->why);
                }
            }
        }
    }

    /** @return iterable<Step> */
    private static function meant(Precedence $said, Step $step, Steps $steps): iterable
    {
        foreach ($said->where === OrderWhere::Figure ? $steps->all : $steps->on($step->area->area->id) as $other) {
            if ($other !== $step && $other->technique->id === $said->technique) {
                yield $other;
            }
        }
    }
}
