<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Why;

/** A shade or light that is meant for the whole figure is seen on all of it: no area is laid in after it and hides it. */
final readonly class NothingHidesWholeWork implements MendableRule
{
    public const CODE = 'whole-hidden';

    public function findings(Standard $standard): iterable
    {
        foreach (LaidOverAreas::of($standard) as $laid) {
            $hiding = self::hiding($laid, $standard);
            if ($hiding !== []) {
                yield $laid->finding(self::CODE, $hiding, $standard);
            }
        }
    }

    public function mend(Finding $finding, Standard $standard): ?Mend
    {
        $laid = LaidOverAreas::at($finding, $standard);

        return $laid === null ? null : Mend::use('except', [...$laid->use->overAll->except ?? [], ...self::hiding($laid, $standard)], 'Keep it off there');
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$finding->arguments['technique']} is meant for the whole figure, and what is laid in after it on {$finding->arguments['surfaces']} hides it there: lay that before it, keep it off there, or say that it is meant so.";
    }

    public function rule(): string
    {
        return 'What is laid over the whole figure after the colours comes after the colours of every area that it is not kept off.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /** @return list<string> ids of surfaces; what is laid at the stage of lay-in or before is meant to lie under the colours */
    private static function hiding(LaidOverAreas $laid, Standard $standard): array
    {
        return TechniqueGroup::LayIn->isBefore($laid->stage) ? array_column(array_filter($laid->on, static fn (array $on): bool => self::hides($on['over'], $standard)), 'surface') : [];
    }

    /** @param  list<TechniqueUse>  $over */
    private static function hides(array $over, Standard $standard): bool
    {
        return array_filter($over, static fn (TechniqueUse $use): bool => $standard->technique($use->techniques[0])->hides($use)) !== [];
    }
}
