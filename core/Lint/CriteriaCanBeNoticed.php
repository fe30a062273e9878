<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\VisualAngle;

/** What a criterion speaks of is large enough to be noticed at its tier. Those that name no size are not doubted. */
final readonly class CriteriaCanBeNoticed implements MendableRule
{
    public const CODE = 'not-noticed';

    public function findings(Standard $standard): iterable
    {
        foreach ($standard->requirements as $requirement) {
            $judging = $standard->tier($requirement->tier)->judging;
            foreach ($requirement->criteria as $criterion) {
                if ($criterion->sizeMm !== null && ! VisualAngle::of($criterion->sizeMm, $judging->distanceMm)->reaches($judging->noticeArcmin)) {
                    yield new Finding(self::CODE, $requirement->tier, $requirement->surface, $criterion->id, [
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

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        $of = $finding->arguments;

        return sprintf('"%s" speaks of %s mm; %s notices nothing under %s mm. Leave it out here, or judge from closer.', $of['text'], $finding->number('size'), $tier, number_format((float) $of['smallest'], 2));
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::withoutCriterion();
    }

    public function rule(): string
    {
        return 'What a criterion speaks of must fill the noticing angle at the viewing distance: size = 2·distance·tan(angle / 2).';
    }

    public function source(): string
    {
        return 'published: ISO 8596 for the angle that sight parts; the noticing angle is a studio setting';
    }
}
