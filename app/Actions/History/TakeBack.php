<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Actions\BackToPainting;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Transaction;
use App\Actions\Unsigned;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use Illuminate\Database\Eloquent\Collection;

/** Takes a change of a job back: what it changed is as it was, where nothing was changed or worked on since. */
final readonly class TakeBack
{
    public function __construct(private JobFigures $figures, private BackToPainting $backToPainting)
    {
    }

    /** @throws NotAllowed with what stands in the way */
    public function handle(JobChange $change, User $by): Job
    {
        return Transaction::run(function () use ($change, $by): Job {
            $job = Job::query()->lockForUpdate()->findOrFail($change->job_id);
            $units = Unit::query()->where('job_id', $job->id)->orderBy('id')->lockForUpdate()->pluck('id');
            Figure::query()->whereIn('unit_id', $units)->orderBy('id')->lockForUpdate()->pluck('id');
            if (JobChange::query()->where('takes_back_id', $change->id)->exists()) {
                throw NotAllowed::because('taken-back', 'This was taken back already.');
            }
            $rows = array_map(RowChange::read(...), $change->rows);
            self::unsigned(array_column(array_filter($rows, static fn (RowChange $row): bool => $row->table === 'figures' && $row->isOtherwise()), 'id'));
            $now = JobRows::of($job->id);
            $before = ComposedFigure::signatures($this->figures->ofJob($job));
            (new RowsAsTheyWere($now, $rows))->handle($job->studio_id, $job->id);
            $after = ComposedFigure::signatures($this->figures->ofJob($job->refresh()));
            $this->backToPainting->handle(self::unsigned(array_keys(array_diff_assoc(array_intersect_key($after, $before), $before))));
            JobHistory::keep($job->id, $by, $now, $change);

            return $job;
        });
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Figure>
     */
    private static function unsigned(array $ids): Collection
    {
        $figures = Figure::query()->with('unit')->whereKey($ids)->orderBy('id')->get();
        Unsigned::require($figures, static fn (Figure $figure): string => "Figure {$figure->number} of {$figure->unit->name} is signed off and cannot change.");

        return $figures;
    }
}
