<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\FoundPlace;
use App\Actions\Schemes\SchemeReading;
use Core\Scheme\FindingCost;

/**
 * What all findings about a scheme have: what it costs to leave them, where they are, and whether they are meant so.
 *
 * @phpstan-type Accepted array{reason: string, by: string}
 * @phpstan-type Found array{
 *   code: string,
 *   cost: value-of<FindingCost>,
 *   figure_type: string,
 *   area: string,
 *   place: string,
 *   accepted: Accepted|null,
 * }
 * @phpstan-type FoundCounts array{stops: int, seen: int, slight: int, accepted: int}
 */
final readonly class FoundParts
{
    /** As long as a place may be that is kept. */
    private const LONGEST = 200;

    /**
     * @param  string  $type key of the figure type that it holds for; empty: any
     * @return Found
     */
    public static function of(SchemeReading $reading, string $code, string $type, string $area, string $place): array
    {
        $place = mb_substr($place, 0, self::LONGEST);
        $accepted = $reading->acceptances->find(new FoundPlace($type, $code, $area, $place));

        return [
            'code' => $code,
            'cost' => FindingCost::of($code)->value,
            'figure_type' => $type,
            'area' => $area,
            'place' => $place,
            'accepted' => $accepted === null ? null : ['reason' => $accepted->reason, 'by' => $accepted->user->name],
        ];
    }

    /**
     * The dearest to leave first, what is meant so last.
     *
     * @template T of array{cost: value-of<FindingCost>, accepted: Accepted|null, ...}
     *
     * @param  list<T>  $findings
     * @return list<T>
     */
    public static function sorted(array $findings): array
    {
        usort($findings, static fn (array $a, array $b): int => self::rank($a['cost'], $a['accepted']) <=> self::rank($b['cost'], $b['accepted']));

        return $findings;
    }

    /**
     * @param  value-of<FindingCost>  $cost
     * @param  Accepted|null  $accepted
     */
    private static function rank(string $cost, ?array $accepted): int
    {
        return FindingCost::from($cost)->rank() + ($accepted === null ? 0 : count(FindingCost::cases()));
    }

    /**
     * @param  list<array{cost: value-of<FindingCost>, accepted: Accepted|null, ...}>  $findings
     * @return FoundCounts how many matter, and how many are meant so
     */
    public static function counts(array $findings): array
    {
        $counts = ['stops' => 0, 'seen' => 0, 'slight' => 0, 'accepted' => 0];
        foreach ($findings as $finding) {
            $counts[$finding['accepted'] === null ? $finding['cost'] : 'accepted']++;
        }

        return $counts;
    }
}
