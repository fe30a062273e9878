<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\BenchMark;
use App\Models\MarkState;
use stdClass;

/**
 * What stands of what was said at the bench: of each step the latest word that was not taken back.
 *
 * @phpstan-type MarkColumns object{id: int, figure_id: int, area: string, use: string, technique: string, coats: int, steps: int, extent: string, state: string, reason: string, agreed_with: string, is_look: int, user_id: int, said_by: string, looked_on: string|null, created_at: string|null}&stdClass
 */
final readonly class StandingMarks
{
    private const COLUMNS = [
        'bench_marks.id', 'bench_marks.figure_id', 'bench_marks.area', 'bench_marks.use', 'bench_marks.technique', 'bench_marks.coats', 'bench_marks.steps', 'bench_marks.extent', 'bench_marks.state',
        'bench_marks.reason', 'bench_marks.agreed_with', 'bench_marks.is_look', 'bench_marks.user_id', 'users.name as said_by', 'onlookers.name as looked_on', 'bench_marks.created_at',
    ];

    /**
     * @param  list<int>  $figures ids
     * @return array<int, array<string, StoredMark>> by figure, then by the key of the step
     */
    public static function on(array $figures): array
    {
        if ($figures === []) {
            return [];
        }
        /** @var array<int, array<string, StoredMark>> $marks */
        $marks = [];
        $rows = BenchMark::query()->whereIn('bench_marks.figure_id', $figures)->join('users', 'users.id', '=', 'bench_marks.user_id')->leftJoin('users as onlookers', 'onlookers.id', '=', 'bench_marks.supervisor_id')
            ->orderBy('bench_marks.figure_id')->orderBy('bench_marks.number')->toBase()->get(self::COLUMNS);
        foreach ($rows as $row) {
            /** @var MarkColumns $row */
            // A place, a name and a degree, as {@see \Core\Composition\ComposedUse::key()} spells them.
            $key = json_encode([$row->area, $row->use, $row->technique, $row->coats, $row->steps, $row->extent], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            $state = MarkState::from($row->state);
            if ($state === MarkState::TakenBack) {
                unset($marks[$row->figure_id][$key]);
            } else {
                $marks[$row->figure_id][$key] = new StoredMark($row->id, $row->figure_id, $row->area, $row->use, $state, $row->reason, $row->agreed_with, $row->is_look === 1, $row->user_id, $row->said_by, $row->looked_on, $row->created_at);
            }
        }

        return $marks;
    }
}
