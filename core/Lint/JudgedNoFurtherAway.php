<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;

/** A higher tier is not judged from further away. */
final readonly class JudgedNoFurtherAway implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            if ($higher->judging->distanceMm > $lower->judging->distanceMm) {
                yield new Finding(FindingCode::FurtherAway, $higher->id, arguments: [
                    'lower' => $lower->name,
                    'distance' => $higher->judging->distanceMm,
                    'lower distance' => $lower->judging->distanceMm,
                ]);
            }
        }
    }
}
