<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Bench\BenchSheet;
use App\Actions\Planning\PlannedSheet;
use App\Actions\Planning\StudioPlan;
use Core\Plan\Stretch;

/**
 * The time that goes into one sheet, as bars are drawn from.
 *
 * @phpstan-type PlannedStretch array{
 *   from: string,
 *   until: string,
 *   waiting: bool,
 *   changing: float,
 *   steps: string,
 * }
 */
final readonly class PlannedStretches
{
    /** @return list<PlannedStretch> */
    public static function of(PlannedSheet $planned, StudioPlan $plan): array
    {
        $stretches = $planned->painterId === null ? [] : $plan->plans[$planned->painterId]->stretches;
        $own = array_filter($stretches, static fn (Stretch $stretch): bool => $stretch->work === $planned->work->id);

        return array_values(array_map(static fn (Stretch $stretch): array => [
            'from' => $stretch->from->format(DATE_ATOM),
            'until' => $stretch->until->format(DATE_ATOM),
            'waiting' => $stretch->isWaiting,
            'changing' => round($stretch->changing, 2),
            'steps' => $stretch->isWaiting ? 'waits until it is dry' : self::steps($planned->sheet, $stretch->items),
        ], $own));
    }

    /**
     * What is laid, the first and the last where it is more than two.
     *
     * @param  list<int>  $items
     */
    public static function steps(BenchSheet $sheet, array $items): string
    {
        $names = array_values(array_unique(array_map(static fn (int $item): string => $sheet->steps[$item]->number.' '.$sheet->steps[$item]->inWords(), $items)));

        return count($names) > 2 ? "{$names[0]} … {$names[count($names) - 1]}" : implode(', ', $names);
    }
}
