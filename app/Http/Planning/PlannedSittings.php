<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\PlannedSheet;
use App\Actions\Planning\StudioPlan;
use Core\Plan\Stretch;

/** The sittings of a painter as events of a calendar: what is painted first gives the name, all of it the words below. */
final readonly class PlannedSittings
{
    /** What a calendar can use: further on, the plan will have changed. */
    private const MOST = 120;

    /** @return list<array{uid: string, from: \DateTimeImmutable, until: \DateTimeImmutable, summary: string, description: string}> */
    public static function of(int $painter, StudioPlan $plan): array
    {
        $sheets = [];
        foreach ($plan->sheets as $sheet) {
            $sheets[$sheet->work->id] = $sheet;
        }
        $events = [];
        foreach (array_slice($plan->plans[$painter]->sittings ?? [], 0, self::MOST) as $sitting) {
            $within = array_values(array_filter($plan->plans[$painter]->stretches, static fn (Stretch $stretch): bool => ! $stretch->isWaiting && $stretch->from >= $sitting->from && $stretch->until <= $sitting->until));
            if ($within === []) {
                continue;
            }
            $units = array_values(array_unique(array_map(static fn (Stretch $stretch): string => self::nameOf($sheets[$stretch->work]), $within)));
            $events[] = [
                // The same sitting keeps its name however the plan moves.
                'uid' => "{$sitting->from->format('Y-m-d')}-{$painter}".($sitting->ofDay > 1 ? "-{$sitting->ofDay}" : '').'@ordotype',
                'from' => $sitting->from,
                'until' => $within[count($within) - 1]->until,
                'summary' => implode(', ', $units),
                'description' => implode("\n", array_map(static fn (Stretch $stretch): string => $stretch->from->format('H:i').' '.self::nameOf($sheets[$stretch->work]).': '.PlannedStretches::steps($sheets[$stretch->work]->sheet, $stretch->items), $within)),
            ];
        }

        return $events;
    }

    private static function nameOf(PlannedSheet $sheet): string
    {
        return "{$sheet->sheet->first()->unit->name} ({$sheet->work->figures})";
    }
}
