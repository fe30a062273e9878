<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Answering;
use Core\Standard\Requirement;
use Core\Standard\Standard;

/** A higher tier does at least what the next lower one does. */
final readonly class NothingStepsDown implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        $answering = new Answering($standard);
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            foreach ($standard->surfaces as $surface) {
                $before = $standard->requirement($lower->id, $surface->id);
                $after = $standard->requirement($higher->id, $surface->id);
                if ($before !== null && $after !== null) {
                    yield from self::compare($before, $after, $answering, $lower->name);
                }
            }
        }
    }

    /** @return iterable<Finding> */
    private static function compare(Requirement $before, Requirement $after, Answering $answering, string $lower): iterable
    {
        foreach ($before->uses as $use) {
            $answer = $answering->answerAmong($after, $use);
            $how = match (true) {
                $answer === null => 'gone',
                $answer->id === $use->id && $answer->asksLessThan($use) => 'less',
                default => null,
            };
            if ($how !== null) {
                yield new Finding(FindingCode::StepDown, $after->tier, $after->surface, $use->id, ['lower' => $lower, 'how' => $how]);
            }
        }
    }
}
