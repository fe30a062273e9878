<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Models\JobChange;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The rows of a job in which a lead's decisions are kept, as they were at one moment. What is painted, judged and signed is
 * not among them: it has histories of its own.
 *
 * @phpstan-import-type Columns from JobChange
 */
final readonly class JobRows
{
    /** Tables with their columns, what belongs to a row after it. */
    public const TABLES = [
        'jobs' => ['name', 'client', 'due', 'state', 'schools', 'force_id', 'notes', 'purpose', 'left_to_studio'],
        'units' => ['job_id', 'figure_type_id', 'tier_id', 'painter_id', 'scheme_id', 'name', 'note', 'position'],
        'figures' => ['unit_id', 'number', 'leader', 'figure_type_id', 'tier_id', 'painter_id', 'scheme_id', 'raises_id', 'elsewhere', 'name'],
        'area_tiers' => ['unit_id', 'figure_id', 'figure_area_id', 'tier_id'],
        'area_schools' => ['unit_id', 'figure_id', 'figure_area_id', 'question', 'choice'],
        'variations' => ['unit_id', 'figure_id', 'figure_area_id', 'tier_id', 'kind', 'use', 'reason', 'agreed_with', 'price', 'user_id'],
        'choices' => ['unit_id', 'figure_id', 'figure_area_id', 'use', 'technique', 'user_id'],
        'job_requirements' => ['job_id', 'tier', 'surface', 'value'],
        'groupings' => ['job_id', 'name'],
        'grouped_figures' => ['grouping_id', 'figure_id', 'group_name'],
    ];

    /** Tables whose rows have a version of their own; that of the others is the version of their unit or job. */
    public const VERSIONED = ['jobs', 'units', 'figures', 'groupings'];

    /** @param  array<string, array<int, Columns>>  $rows by table and id */
    private function __construct(public array $rows)
    {
    }

    public static function of(int $job): self
    {
        $rows = [];
        foreach (self::TABLES as $table => $columns) {
            $rows[$table] = [];
            foreach (self::within($table, $job)->orderBy('id')->get(['id', ...$columns]) as $row) {
                $values = get_object_vars($row);
                foreach ($columns as $column) {
                    $rows[$table][self::whole($row->id)][$column] = self::plain($values[$column]);
                }
            }
        }

        return new self($rows);
    }

    /** @return list<RowChange> what is otherwise since, in the order in which it can come about */
    public function changesTo(self $after): array
    {
        $changes = [];
        foreach (array_keys(self::TABLES) as $table) {
            $old = $this->rows[$table];
            $new = $after->rows[$table];
            foreach ($old + $new as $id => $row) {
                $was = $old[$id] ?? null;
                $is = $new[$id] ?? null;
                if ($was !== null && $is !== null) {
                    $differs = array_keys(array_filter($was, static fn (int|string|null $value, string $column): bool => $value !== $is[$column], ARRAY_FILTER_USE_BOTH));
                    $was = array_intersect_key($was, array_flip($differs));
                    $is = array_intersect_key($is, array_flip($differs));
                }
                if ($was !== $is) {
                    $changes[] = new RowChange($table, $id, $was, $is);
                }
            }
        }

        return $changes;
    }

    /** The rows of one of the tables that are of a job. */
    public static function within(string $table, int $job): Builder
    {
        return match ($table) {
            'jobs' => DB::table('jobs')->where('id', $job),
            'units', 'job_requirements', 'groupings' => DB::table($table)->where('job_id', $job),
            'grouped_figures' => DB::table($table)->whereIn('grouping_id', DB::table('groupings')->where('job_id', $job)->select('id')),
            default => DB::table($table)->whereIn('unit_id', DB::table('units')->where('job_id', $job)->select('id')),
        };
    }

    private static function whole(mixed $id): int
    {
        return is_numeric($id) ? (int) $id : 0;
    }

    /** As it is kept and comes back from JSON: whole numbers, text, nothing. */
    private static function plain(mixed $value): int|string|null
    {
        return match (true) {
            $value === null, is_int($value) => $value,
            is_bool($value) => (int) $value,
            is_scalar($value) => (string) $value,
            default => null,
        };
    }
}
