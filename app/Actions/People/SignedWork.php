<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\MarkState;
use App\Models\User;
use Core\Plan\FigureState;
use Illuminate\Support\Facades\DB;

/** What of somebody's work was signed: on how many figures they did what, at which tier. */
final readonly class SignedWork
{
    /** @return array<array-key, array<array-key, int>> figures by technique and tier */
    public static function of(User $person): array
    {
        $rows = DB::table('bench_marks')
            ->join('figures', 'figures.id', '=', 'bench_marks.figure_id')
            ->join('units', 'units.id', '=', 'figures.unit_id')
            ->join('tiers', 'tiers.id', '=', DB::raw('COALESCE(figures.tier_id, units.tier_id)'))
            ->where('bench_marks.studio_id', $person->studio_id)->where('bench_marks.user_id', $person->id)
            ->where('bench_marks.state', MarkState::Done->value)->where('bench_marks.is_look', false)->where('figures.state', FigureState::Signed->value)
            ->groupBy('bench_marks.technique', 'tiers.key')
            ->get(['bench_marks.technique', 'tiers.key', DB::raw('COUNT(DISTINCT figures.id) AS figures')]);
        $signed = [];
        foreach ($rows as $row) {
            /** @var object{technique: string, key: string, figures: int} $row */
            $signed[$row->technique][$row->key] = (int) $row->figures;
        }

        return $signed;
    }
}
