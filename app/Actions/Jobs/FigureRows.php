<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Unit;
use Illuminate\Support\Facades\DB;

/** Writes new figures of a unit, in one statement. Called within a transaction. */
final readonly class FigureRows
{
    public static function insert(Unit $unit, FigureLine $line): void
    {
        // What is as the unit is not their own, and follows it when it changes.
        $own = static fn (?int $id, int $ofUnit): ?int => $id === $ofUnit ? null : $id;
        $now = now();
        DB::table('figures')->insert(array_map(static fn (int $place): array => [
            'studio_id' => $unit->studio_id,
            'unit_id' => $unit->id,
            'number' => $line->from + $place,
            'leader' => $place < $line->leaders,
            'figure_type_id' => $own($line->type, $unit->figure_type_id),
            'tier_id' => $own($place < $line->leaders ? $line->leaderTier ?? $line->tier : $line->tier, $unit->tier_id),
            'created_at' => $now,
            'updated_at' => $now,
        ], range(0, $line->count - 1)));
    }
}
