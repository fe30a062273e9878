<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * Parts of a standard written whole, with defaults spelled out: what only spells out a default is the same.
 *
 * @phpstan-type SpelledUse array{id: string, technique?: string, any_of?: non-empty-list<string>, coats: int, steps: int, extent: string, minutes: float, fixed: float, each?: float, feature?: string, cover?: float, places?: list<string>}
 * @phpstan-type SpelledCriterion array{id: string, text: string, severity: string, uses?: list<string>, feature?: string, size_mm?: float, presumes?: array<string, string>}
 */
final readonly class Spelling
{
    /** @return SpelledUse */
    public static function use(TechniqueUse $use): array
    {
        return ['id' => $use->id]
            + ($use->leavesMethodOpen() ? ['any_of' => $use->techniques] : ['technique' => $use->techniques[0]])
            + ['coats' => $use->coats, 'steps' => $use->steps, 'extent' => $use->extent->value]
            + ['minutes' => $use->allowance->minutes, 'fixed' => $use->allowance->fixed]
            + ($use->feature === null ? [] : ['each' => $use->allowance->each, 'feature' => $use->feature])
            + ($use->cover === null ? [] : ['cover' => $use->cover])
            + ($use->places === null ? [] : ['places' => $use->places]);
    }

    /** @return SpelledCriterion */
    public static function criterion(Criterion $criterion): array
    {
        return ['id' => $criterion->id, 'text' => $criterion->text, 'severity' => $criterion->severity->value]
            + ($criterion->uses === null || $criterion->uses === [] ? [] : ['uses' => $criterion->uses])
            + ($criterion->feature === null ? [] : ['feature' => $criterion->feature])
            + ($criterion->sizeMm === null ? [] : ['size_mm' => $criterion->sizeMm])
            + ($criterion->presumes->choices === [] ? [] : ['presumes' => $criterion->presumes->choices]);
    }

    /** @return array<string, mixed> every member of a tier but its id; null where an optional one is left out */
    public static function tier(Tier $tier): array
    {
        $judging = $tier->judging;
        $price = $tier->terms->price;

        return [
            'name' => $tier->name,
            'rank' => $tier->rank,
            'distance_mm' => $judging->distanceMm,
            'sides' => array_column($judging->sides, 'value'),
            'look_minutes' => $tier->lookMinutes,
            'limits' => ['critical' => $judging->limits->critical, 'major' => $judging->limits->major, 'minor' => $judging->limits->minor],
            'colour_tolerance' => $judging->colourTolerance,
            'notice_arcmin' => $judging->noticeArcmin,
            'budget_minutes' => $tier->budgetMinutes,
            'by_agreement' => $tier->byAgreement,
            'retired' => $tier->retired,
            'purpose' => $tier->terms->purpose?->value,
            'value_span' => $tier->terms->valueSpan,
            'price' => match (true) {
                $price === null => null,
                $price->hourly !== null => ['hourly' => $price->hourly],
                default => ['list' => $price->list],
            },
            'sampling' => $tier->terms->sampling,
            'photograph' => $tier->terms->photograph,
            'checked_by' => $tier->terms->checker->value,
            'note' => $tier->terms->note === '' ? null : $tier->terms->note,
        ];
    }
}
