<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\VisualAngle;

/** What a criterion speaks of is large enough to be noticed at its tier. Those that name no size are not doubted. */
final readonly class CriteriaCanBeNoticed implements LintRule
{
    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $judging = $standard->tier($requirement->tier)->judging;
            foreach ($requirement->criteria as $criterion) {
                if ($criterion->sizeMm !== null && ! VisualAngle::of($criterion->sizeMm, $judging->distanceMm)->reaches($judging->noticeArcmin)) {
                    yield new Finding(FindingCode::NotNoticed, $requirement->tier, $requirement->surface, $criterion->id, [
                        'text' => $criterion->text,
                        'size' => $criterion->sizeMm,
                        'smallest' => $judging->smallestNoticedMm(),
                        'distance' => $judging->distanceMm,
                        'noticing angle' => $judging->noticeArcmin,
                    ]);
                }
            }
        }
    }
}
