<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Why;

/** A surface gets no fewer minutes at a higher tier. */
final readonly class MinutesDoNotFall implements LintRule
{
    public const CODE = 'minutes-fall';

    public function findings(Standard $standard): iterable
    {
        foreach (TierPairs::of($standard) as ['lower' => $lower, 'higher' => $higher]) {
            foreach ($standard->surfaces as $surface) {
                $before = $standard->requirement($lower->id, $surface->id);
                $after = $standard->requirement($higher->id, $surface->id);
                if ($before === null || $after === null || $after->asksNothing()) {
                    continue;
                }
                $minutes = self::minutes($after);
                $lowerMinutes = self::minutes($before);
                if ($minutes < $lowerMinutes - WorkFitsTheBudget::ROUNDING) {
                    yield new Finding(self::CODE, $higher->id, $surface->id, null, [
                        'lower' => $lower->name, 'minutes' => $minutes, 'lower minutes' => $lowerMinutes,
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

        return sprintf('%s gives %s %s minutes, %s gives it %s.', $tier, $surface, $finding->number('minutes'), $of['lower'], $finding->number('lower minutes'));
    }

    public function rule(): string
    {
        return 'A higher tier does at least what the lower one does, so it needs at least its minutes: fixed + one piece + minutes for one figure wholly of this surface.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /** Of one figure of size 1 that is wholly of this surface, with one piece of each feature. */
    private static function minutes(Requirement $requirement): float
    {
        $minutes = 0.0;
        foreach ($requirement->uses as $use) {
            $minutes += $use->allowance->onArea(1.0, 1.0, $use->feature === null ? 0 : 1);
        }

        return $minutes;
    }
}
