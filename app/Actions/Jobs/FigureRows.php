<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Unit;
use Illuminate\Support\Facades\DB;

/** Writes new figures of a unit, in one statement. Called within a transaction. */
final readonly class FigureRows
{
    /**
     * @param  int  $from the number of the first
     * @param  int  $leaders so many of them lead; they come first
     * @param  int|null  $leaderTier a tier of their own; null: as the unit
     */
    public static function insert(Unit $unit, int $from, int $count, int $leaders = 0, ?int $leaderTier = null): void
    {
        $own = $leaderTier === $unit->tier_id ? null : $leaderTier;
        $now = now();
        DB::table('figures')->insert(array_map(static fn (int $place): array => [
            'studio_id' => $unit->studio_id,
            'unit_id' => $unit->id,
            'number' => $from + $place,
            'leader' => $place < $leaders,
            'tier_id' => $place < $leaders ? $own : null,
            'created_at' => $now,
            'updated_at' => $now,
        ], range(0, $count - 1)));
    }
}
