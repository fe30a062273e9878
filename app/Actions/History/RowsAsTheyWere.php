<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Actions\WorkedOn;
use App\Models\Figure;
use App\Models\Unit;
use App\Refusals\NotAllowed;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Puts rows of a job back to what they were before a change. Called within a transaction, with the job locked. */
final readonly class RowsAsTheyWere
{
    /** What a constraint of the database refuses. */
    private const CONSTRAINT = '23000';

    /** @param  list<RowChange>  $changes */
    public function __construct(private JobRows $now, private array $changes)
    {
    }

    /** @throws NotAllowed if something was changed since, or worked on */
    public function handle(int $studio, int $job): void
    {
        foreach ($this->changes as $change) {
            $this->requireAsLeft($change);
        }
        $this->requireNothingOn();
        try {
            $this->putBack($studio);
        } catch (QueryException $refused) {
            throw $refused->getCode() === self::CONSTRAINT
                ? NotAllowed::because('changed-since', 'Something that was taken in since hangs on it, or has its place. Take the later changes back first.')
                : $refused;
        }
        $this->raiseVersions($job);
    }

    private function requireAsLeft(RowChange $change): void
    {
        $now = $this->now->rows[$change->table][$change->id] ?? null;
        // A change may be older than a column: of what it does not speak it says nothing.
        $left = $now === null ? null : array_intersect_key($now, $change->after ?? []);
        // A row is kept with its columns in the order of the table; JSON keeps that order.
        if ($left !== $change->after) {
            throw NotAllowed::because('changed-since', "{$this->name($change)} was changed since. Take the later change back first.");
        }
    }

    private function requireNothingOn(): void
    {
        $came = static fn (string $table): callable => static fn (RowChange $change): bool => $change->table === $table && $change->before === null;
        $ids = array_column(array_filter($this->changes, $came('figures')), 'id');
        foreach (Figure::query()->with('unit')->findMany($ids)->groupBy('unit_id') as $figures) {
            WorkedOn::requireNothingOn($figures, $figures->firstOrFail()->unit->name);
        }
        foreach (Unit::query()->findMany(array_column(array_filter($this->changes, $came('units')), 'id')) as $unit) {
            WorkedOn::requireNoTimeOf($unit);
        }
    }

    /** What went comes before what hangs on it, what came goes after. */
    private function putBack(int $studio): void
    {
        foreach ($this->inserts() as $table => $rows) {
            DB::table($table)->insert(array_map(static fn (array $row): array => ['studio_id' => $studio, 'created_at' => now(), 'updated_at' => now(), ...$row], $rows));
        }
        foreach ($this->changes as $change) {
            if ($change->isOtherwise()) {
                DB::table($change->table)->where('id', $change->id)->update([...$change->before ?? [], 'updated_at' => now()]);
            }
        }
        foreach (array_reverse(array_keys(JobRows::TABLES)) as $table) {
            $came = array_filter($this->changes, static fn (RowChange $change): bool => $change->table === $table && $change->before === null);
            DB::table($table)->whereIn('id', array_column($came, 'id'))->delete();
        }
    }

    /** @return array<string, list<array<string, int|string|null>>> rows by table, what belongs to a row after it */
    private function inserts(): array
    {
        $rows = [];
        foreach ($this->changes as $change) {
            if ($change->after === null && $change->before !== null) {
                $rows[$change->table][] = ['id' => $change->id, ...$change->before];
            }
        }

        return $rows;
    }

    /** Who has read one of them reads it anew before changing it. */
    private function raiseVersions(int $job): void
    {
        $ids = ['jobs' => [], 'units' => [], 'figures' => [], 'groupings' => []];
        foreach ($this->changes as $change) {
            $row = ($change->before ?? []) + ($change->after ?? []) + ($this->now->rows[$change->table][$change->id] ?? []);
            match (true) {
                in_array($change->table, JobRows::VERSIONED, true) => $ids[$change->table][] = $change->id,
                isset($row['grouping_id']) => $ids['groupings'][] = (int) $row['grouping_id'],
                isset($row['unit_id']) => $ids['units'][] = (int) $row['unit_id'],
                default => $ids['jobs'][] = $job,
            };
        }
        foreach ($ids as $table => $changed) {
            DB::table($table)->whereIn('id', $changed)->increment('version');
        }
    }

    private function name(RowChange $change): string
    {
        $row = ($this->now->rows[$change->table][$change->id] ?? []) + ($change->after ?? []) + ($change->before ?? []);
        $unit = $this->now->rows['units'][$change->table === 'units' ? $change->id : (int) ($row['unit_id'] ?? 0)]['name'] ?? 'a unit that is gone';

        return match ($change->table) {
            'jobs' => 'The job',
            'units' => (string) $unit,
            'figures' => sprintf('Figure %s of %s', $row['number'] ?? '', $unit),
            'job_requirements' => "The job's own list",
            'groupings', 'grouped_figures' => 'How figures are grouped otherwise',
            default => "What was agreed of {$unit}",
        };
    }
}
