<?php

declare(strict_types=1);

namespace Core\Sequence;

/** What a figure has already lies under all that is added to it. */
final readonly class FinishedFirst implements OrderRule
{
    /** Id of the technique that stands for what an area has. No technique of a standard has it. */
    public const FINISHED = "\0finished";

    public function wishes(Steps $steps): iterable
    {
        $finished = array_filter($steps->all, self::isFinished(...));
        foreach ($finished as $first) {
            foreach ($steps->all as $step) {
                if (! self::isFinished($step)) {
                    yield new OrderWish($first->number, $step->number, OrderForce::Standard);
                }
            }
        }
    }

    public static function isFinished(Step $step): bool
    {
        return $step->technique->id === self::FINISHED;
    }
}
