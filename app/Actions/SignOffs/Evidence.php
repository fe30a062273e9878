<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Core\Record\CanonicalJson;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The rows behind a record: its checks, answers, faults, mendings and marks, column by column. A record
 * holds their digest, so that what is altered behind it is found as what is altered in it.
 */
final readonly class Evidence
{
    private const COLUMNS = [
        'checks' => ['c.id', 'c.round', 'c.signature', 'c.opened_by', 'c.created_at'],
        'actions' => ['a.id', 'a.check_id', 'a.user_id', 'a.kind', 'a.side', 'a.undone_at', 'a.undone_by', 'a.created_at'],
        'answers' => ['w.id', 'w.check_action_id', 'w.item', 'w.area', 'w.criterion', 'w.text', 'w.severity', 'w.source', 'w.answer', 'w.side', 'w.reason'],
        'faults' => ['f.id', 'f.check_id', 'f.check_action_id', 'f.kind', 'f.item', 'f.area', 'f.criterion', 'f.text', 'f.severity', 'f.side', 'f.zone', 'f.flaw', 'f.size_mm', 'f.note',
            'f.removed_by_action_id', 'f.stands_from_id', 'f.waived_by', 'f.waived_at', 'f.waiver_agreed_with', 'f.waiver_reason'],
        'mendings' => ['m.id', 'm.fault_id', 'm.user_id', 'm.note', 'm.created_at'],
        'marks' => ['b.id', 'b.area', 'b.use', 'b.technique', 'b.coats', 'b.steps', 'b.extent', 'b.state', 'b.reason', 'b.agreed_with', 'b.user_id', 'b.created_at'],
    ];

    /** @return array{digest: string, rounds: int, last_mark: int} of a figure, up to a round of its checks */
    public function now(int $figure, int $round): array
    {
        $last = DB::table('bench_marks')->where('figure_id', $figure)->max('id');
        $lastMark = is_numeric($last) ? (int) $last : 0;

        return ['digest' => self::digest($this->of([$figure])[$figure] ?? [], $round, $lastMark), 'rounds' => $round, 'last_mark' => $lastMark];
    }

    /**
     * The rows of some figures, in a constant number of queries.
     *
     * @param  list<int>  $figures ids
     * @return array<int, array<string, list<array<string, mixed>>>> by figure, then by kind
     */
    public function of(array $figures): array
    {
        $rows = [];
        foreach (self::COLUMNS as $kind => $columns) {
            foreach (self::query($kind)->whereIn('of_figure', $figures)->orderBy('id')->get() as $row) {
                $values = (array) $row;
                $figure = is_numeric($values['of_figure'] ?? null) ? (int) $values['of_figure'] : 0;
                unset($values['of_figure']);
                $rows[$figure][$kind][] = array_combine(array_map(strval(...), array_keys($values)), array_values($values));
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $rows of one figure
     * @return string SHA-256 of their canonical JSON
     */
    public static function digest(array $rows, int $round, int $lastMark): string
    {
        $told = [];
        foreach (array_keys(self::COLUMNS) as $kind) {
            [$column, $most] = $kind === 'marks' ? ['id', $lastMark] : ['of_round', $round];
            $told[$kind] = [];
            foreach ($rows[$kind] ?? [] as $row) {
                if (is_numeric($row[$column] ?? null) && (int) $row[$column] <= $most) {
                    $told[$kind][] = array_diff_key($row, ['of_round' => 0]);
                }
            }
        }

        return hash('sha256', CanonicalJson::encode($told));
    }

    private static function query(string $kind): Builder
    {
        $columns = self::COLUMNS[$kind];
        $ofCheck = [...$columns, 'c.figure_id as of_figure', 'c.round as of_round'];
        $query = match ($kind) {
            'checks' => DB::table('checks as c')->select($ofCheck),
            'actions' => DB::table('check_actions as a')->join('checks as c', 'c.id', '=', 'a.check_id')->select($ofCheck),
            'answers' => DB::table('check_answers as w')->join('check_actions as a', 'a.id', '=', 'w.check_action_id')->join('checks as c', 'c.id', '=', 'a.check_id')->select($ofCheck),
            'faults' => DB::table('faults as f')->join('checks as c', 'c.id', '=', 'f.check_id')->select($ofCheck),
            'mendings' => DB::table('mendings as m')->join('faults as f', 'f.id', '=', 'm.fault_id')->join('checks as c', 'c.id', '=', 'f.check_id')->select($ofCheck),
            default => DB::table('bench_marks as b')->select([...$columns, 'b.figure_id as of_figure']),
        };

        return DB::query()->fromSub($query, 'rows_behind');
    }
}
