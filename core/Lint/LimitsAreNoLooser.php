<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Standard;
use Core\Why;

/** A higher tier bears no more faults. */
final readonly class LimitsAreNoLooser implements MendableRule
{
    public const CODE = 'looser';

    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            foreach (self::pairs($lower->judging, $higher->judging) as $of => [$below, $own]) {
                if ($own->areLooserThan($below)) {
                    yield new Finding(self::CODE, $higher->id, arguments: [
                        'lower' => $lower->name,
                        'limits' => $own->inWords(),
                        'lower limits' => $below->inWords(),
                        ...($of === '' ? [] : ['size' => $of]),
                    ]);

                    break;
                }
            }
        }
    }

    /** @return array<string, array{FaultLimits, FaultLimits}> of the lower and the higher: of all figures under no name, then of each size class that either names */
    private static function pairs(Judging $lower, Judging $higher): array
    {
        $pairs = ['' => [$lower->limits, $higher->limits]];
        foreach (array_keys([...$higher->limitsBySize, ...$lower->limitsBySize]) as $size) {
            $pairs[$size] = [$lower->limitsOf($size), $higher->limitsOf($size)];
        }

        return $pairs;
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $of = $finding->arguments;

        $figures = ($of['size'] ?? '') === '' ? '' : " of a {$of['size']} figure";

        return "{$tier} bears more faults{$figures} ({$of['limits']}) than {$of['lower']} ({$of['lower limits']}).";
    }

    public function mend(Finding $finding, Standard $standard): ?Mend
    {
        $own = $standard->tier($finding->tier)->judging;
        $lower = $standard->nextLower($standard->tier($finding->tier))?->judging;
        if ($lower === null) {
            return null;
        }
        $size = (string) ($finding->arguments['size'] ?? '');
        if ($size === '') {
            return Mend::tier('limits', $own->limits->strictest($lower->limits)->toArray(), 'Bear no more');
        }
        $bySize = [...$own->limitsBySize, $size => $own->limitsOf($size)->strictest($lower->limitsOf($size))];

        return Mend::tier('limits_by_size', array_map(static fn (FaultLimits $limits): array => $limits->toArray(), $bySize), 'Bear no more');
    }

    public function rule(): string
    {
        return 'A higher tier bears no more faults of any severity than the next lower one.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
