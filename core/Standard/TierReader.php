<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * From the document of a tier, its shape checked before, to the tier.
 *
 * @phpstan-import-type TierDocument from StandardReader
 *
 * @phpstan-type JudgingDocument array{distance_mm: int|float, sides: list<string>, limits: array{critical: int|float, major: int|float, minor: int|float}, colour_tolerance: int|float, notice_arcmin?: int|float, ...}
 */
final readonly class TierReader
{
    /** @param  TierDocument  $document */
    public static function read(array $document): Tier
    {
        return new Tier(
            $document['id'],
            $document['name'],
            (int) $document['rank'],
            self::judging($document),
            (float) $document['look_minutes'],
            (float) $document['budget_minutes'],
            $document['by_agreement'],
            $document['retired'],
            self::terms($document),
        );
    }

    /** @param  TierDocument  $document */
    private static function terms(array $document): Terms
    {
        $price = $document['price'] ?? null;

        return new Terms(
            isset($document['purpose']) ? Purpose::from($document['purpose']) : null,
            isset($document['value_span']) ? (float) $document['value_span'] : null,
            match (true) {
                $price === null => null,
                isset($price['hourly']) => Price::byHours((int) $price['hourly']),
                default => Price::byList(array_map(intval(...), $price['list'] ?? [])),
            },
            $document['sampling'] ?? false,
            $document['photograph'] ?? false,
            Checker::from($document['checked_by'] ?? Checker::Deputy->value),
            $document['note'] ?? '',
        );
    }

    /** @param  JudgingDocument  $document */
    public static function judging(array $document): Judging
    {
        $limits = $document['limits'];

        return new Judging(
            (float) $document['distance_mm'],
            array_map(Side::from(...), $document['sides']),
            new FaultLimits((int) $limits['critical'], (int) $limits['major'], (int) $limits['minor']),
            (float) $document['colour_tolerance'],
            (float) ($document['notice_arcmin'] ?? 1),
        );
    }
}
