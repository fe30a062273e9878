<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Models\Job;
use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** A job with what its figures are at. */
final readonly class JobStanding
{
    /** @param  array<string, int>  $figures by state; none of a state: left out */
    private function __construct(
        public Job $job,
        private array $figures,
    ) {
    }

    /**
     * In two queries, however many jobs there are.
     *
     * @param  Builder<Job>  $jobs
     * @return list<self> those due first come first
     */
    public static function of(Builder $jobs): array
    {
        $all = $jobs->with('studio')->orderByRaw('due IS NULL, due, id')->get();
        $counts = [];
        /** @var list<object{job: int, state: string, figures: int}> $rows */
        $rows = DB::table('figures')->join('units', 'units.id', '=', 'figures.unit_id')->whereIn('units.job_id', $all->modelKeys())
            ->groupBy('units.job_id', 'figures.state')->selectRaw('units.job_id AS job, figures.state AS state, COUNT(*) AS figures')->get()->all();
        foreach ($rows as $row) {
            $counts[$row->job][$row->state] = $row->figures;
        }

        return array_values($all->map(static fn (Job $job): self => new self($job, $counts[$job->id] ?? []))->all());
    }

    public function at(FigureState $state): int
    {
        return $this->figures[$state->value] ?? 0;
    }

    public function all(): int
    {
        return array_sum($this->figures);
    }
}
