<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Why;

/** A higher tier is not judged from further away. */
final readonly class JudgedNoFurtherAway implements MendableRule
{
    public const CODE = 'further-away';

    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            if ($higher->judging->distanceMm > $lower->judging->distanceMm) {
                yield new Finding(self::CODE, $higher->id, arguments: [
                    'lower' => $lower->name,
                    'distance' => $higher->judging->distanceMm,
                    'lower distance' => $lower->judging->distanceMm,
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

        return "{$tier} is judged from {$of['distance']} mm, further away than {$of['lower']} with {$of['lower distance']} mm.";
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        $distance = (float) $finding->arguments['lower distance'];

        return Mend::tier('distance_mm', $distance, "Judge from {$distance} mm");
    }

    public function rule(): string
    {
        return 'A higher tier is looked at from no further away than the next lower one.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }
}
