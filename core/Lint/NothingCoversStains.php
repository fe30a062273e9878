<?php

declare(strict_types=1);

namespace Core\Lint;

use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Why;

/** A light over the whole figure lies under what is stained: over a finished stain it covers the colour that the stain gave. */
final readonly class NothingCoversStains implements MendableRule
{
    public const CODE = 'whole-over-stain';

    public function findings(Standard $standard): iterable
    {
        foreach (LaidOverAreas::of($standard) as $laid) {
            $stained = array_values(array_filter($laid->on, static fn (array $on): bool => self::isStained($on['under'], $standard)));
            if ($stained !== [] && $standard->technique($laid->use->techniques[0])->opacity !== Opacity::Transparent) {
                yield $laid->finding(self::CODE, array_column($stained, 'surface'), $standard);
            }
        }
    }

    public function mend(Finding $finding, Standard $standard): Mend
    {
        return Mend::use('stage', TechniqueGroup::LayIn->value, 'Lay it under the colours');
    }

    public function code(): string
    {
        return self::CODE;
    }

    public function sentence(Finding $finding, string $tier, string $surface): string
    {
        return "{$finding->arguments['technique']} goes over the whole figure after the stains on {$finding->arguments['surfaces']} and covers them: let it come at the stage of lay-in, so that it lies under them, keep it off there, or say that it is meant so.";
    }

    public function rule(): string
    {
        return 'What covers and is laid over the whole figure comes before what lets through: a stain takes its colour from what is under it.';
    }

    public function source(): string
    {
        return Why::COMMON_PRACTICE;
    }

    /**
     * Whether the last paint that is laid in there is a stain.
     *
     * @param  list<TechniqueUse>  $under
     */
    private static function isStained(array $under, Standard $standard): bool
    {
        $isStained = false;
        foreach ($under as $use) {
            $technique = $standard->technique($use->techniques[0]);
            $isStained = $technique->isStain() || ($isStained && ! $technique->hides($use));
        }

        return $isStained;
    }
}
