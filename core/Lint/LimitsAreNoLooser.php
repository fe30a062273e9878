<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Severity;
use Core\Standard\Standard;
use Core\Standard\Tier;

/** A higher tier bears no more faults. */
final readonly class LimitsAreNoLooser implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            if ($higher->judging->limits->areLooserThan($lower->judging->limits)) {
                yield new Finding(FindingCode::Looser, $higher->id, arguments: [
                    'lower' => $lower->name,
                    'limits' => self::inWords($higher),
                    'lower limits' => self::inWords($lower),
                ]);
            }
        }
    }

    private static function inWords(Tier $tier): string
    {
        $limits = array_map(
            static fn (Severity $severity): string => "{$severity->value} {$tier->judging->limits->of($severity)}",
            Severity::cases(),
        );

        return implode(', ', $limits);
    }
}
