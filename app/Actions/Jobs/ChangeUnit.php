<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Actions\WorkedOn;
use App\Import\RosterReader;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Changes what a unit is called, and how many figures it has. What was painted or judged stays: it is history. */
final readonly class ChangeUnit
{
    public function __construct(private TypeInJob $types)
    {
    }

    /** @throws NotRight if another unit of the job has this name */
    public function rename(Unit $unit, string $name, string $note, int $versionRead): Unit
    {
        return Transaction::run(static function () use ($unit, $name, $note, $versionRead): Unit {
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            if (Unit::query()->where('job_id', $locked->job_id)->whereKeyNot($locked->id)->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'duplicate-unit', "This job has a unit \"{$name}\" already; give each unit its own name.");
            }
            $locked->update(['name' => $name, 'note' => $note]);

            return $locked;
        });
    }

    /**
     * Where a unit stands among those of its job.
     *
     * @param  int|null  $before id of the unit that comes after it; null: it is the last
     */
    public function place(Unit $unit, ?int $before, int $versionRead): Unit
    {
        return Transaction::run(static function () use ($unit, $before, $versionRead): Unit {
            Job::query()->lockForUpdate()->findOrFail($unit->job_id);
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $others = Unit::query()->where('job_id', $locked->job_id)->whereKeyNot($locked->id)->orderBy('position')->orderBy('id')->get();
            $next = $before === null ? $others->count() : $others->search(static fn (Unit $one): bool => $one->id === $before);
            if ($next === false) {
                throw NotRight::at('/before', 'unknown-unit', 'This job has no such other unit; choose one of those that are listed.');
            }
            foreach ([...$others->slice(0, $next), $locked, ...$others->slice($next)] as $position => $one) {
                if ($one->position !== $position) {
                    Unit::query()->whereKey($one->id)->update(['position' => $position]);
                }
            }
            $locked->save();

            return $locked->refresh();
        });
    }

    /**
     * Further figures, painted as the unit is; they go on from the last number.
     *
     * @param  string|null  $type key of another type that they are of; null: as the unit
     *
     * @throws NotRight if unit or job would be too large, or there is no such type
     */
    public function add(Unit $unit, int $count, ?string $type, int $versionRead): Unit
    {
        return Transaction::run(function () use ($unit, $count, $type, $versionRead): Unit {
            $job = Job::query()->lockForUpdate()->findOrFail($unit->job_id);
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $here = Figure::query()->where('unit_id', $locked->id)->count();
            $all = Figure::query()->whereHas('unit', static fn ($units) => $units->where('job_id', $locked->job_id))->count();
            if ($here + $count > RosterReader::MOST_IN_A_LINE || $all + $count > RosterReader::MOST_IN_A_JOB) {
                throw NotRight::at('/count', 'too-many-figures', sprintf('A unit takes at most %d figures and a job %s; these are %d and %d already.', RosterReader::MOST_IN_A_LINE, number_format(RosterReader::MOST_IN_A_JOB), $here, $all));
            }
            $last = Figure::query()->where('unit_id', $locked->id)->orderByDesc('number')->first()->number ?? 0;
            $of = $type === null ? null : $this->types->of($type, $job) ?? throw NotRight::at('/figure_type', 'unknown-figure-type', "There is no figure type \"{$type}\"; choose one of those that are listed.");
            FigureRows::insert($locked, new FigureLine($last + 1, $count, $of?->id));
            $locked->save();

            return $locked;
        });
    }

    /**
     * Figures that nothing happened to; with the last of them the unit goes.
     *
     * @param  non-empty-list<int>  $ids
     *
     * @throws NotAllowed if something was painted or judged on one
     */
    public function remove(Unit $unit, array $ids, int $versionRead): Job
    {
        return Transaction::run(static function () use ($unit, $ids, $versionRead): Job {
            $locked = Versioned::lock($unit, $versionRead, "the unit {$unit->name}");
            $figures = Figure::query()->where('unit_id', $locked->id)->orderBy('id')->lockForUpdate()->findOrFail($ids);
            WorkedOn::requireNothingOn($figures, $locked->name);
            foreach (EmptiedUnit::AGREED as $agreed) {
                $agreed::query()->whereIn('figure_id', $figures->modelKeys())->delete();
            }
            Figure::query()->whereKey($figures->modelKeys())->delete();
            if (Figure::query()->where('unit_id', $locked->id)->exists()) {
                $locked->save();
            } else {
                EmptiedUnit::take($locked);
            }

            return Job::query()->findOrFail($locked->job_id);
        });
    }
}
