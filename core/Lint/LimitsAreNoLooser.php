<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Severity;
use Core\Standard\Standard;
use Core\Standard\Tier;
use Core\Why;

/** A higher tier bears no more faults. */
final readonly class LimitsAreNoLooser implements MendableRule
{
    public const CODE = 'looser';

    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            if ($higher->judging->limits->areLooserThan($lower->judging->limits)) {
                yield new Finding(self::CODE, $higher->id, arguments: [
                    'lower' => $lower->name,
                    'limits' => self::inWords($higher),
                    'lower limits' => self::inWords($lower),
                ]);
            }
        }
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $of = $finding->arguments;

        return "{$tier} bears more faults ({$of['limits']}) than {$of['lower']} ({$of['lower limits']}).";
    }

    public function mend(Finding $finding, Standard $standard): ?Mend
    {
        $own = $standard->tier($finding->tier)->judging->limits;
        $lower = $standard->nextLower($standard->tier($finding->tier))?->judging->limits;

        return $lower === null ? null : Mend::tier('limits', [
            'critical' => min($own->critical, $lower->critical), 'major' => min($own->major, $lower->major), 'minor' => min($own->minor, $lower->minor),
        ], 'Bear no more');
    }

    public function rule(): string
    {
        return 'A higher tier bears no more faults of any severity than the next lower one.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
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
