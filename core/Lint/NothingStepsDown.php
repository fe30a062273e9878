<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Answering;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Why;

/** A higher tier does at least what the next lower one does. */
final readonly class NothingStepsDown implements MendableRule
{
    public const CODE = 'step-down';

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

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $lower = $finding->arguments['lower'];

        return $finding->arguments['how'] === 'gone'
            ? "{$lower} does \"{$finding->use}\" on {$surface}; nothing at {$tier} does the same work."
            : "{$lower} does more of \"{$finding->use}\" on {$surface} than {$tier}: more coats or steps, or a wider extent.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::useFromBelow();
    }

    public function rule(): string
    {
        return 'A client who pays for the higher tier gets at least what the lower one gives: each use is there again, is replaced by a technique that does its work, and has no fewer coats or steps and no narrower extent.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
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
                yield new Finding(self::CODE, $after->tier, $after->surface, $use->id, ['lower' => $lower, 'how' => $how]);
            }
        }
    }
}
