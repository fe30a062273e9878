<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\History\JobRows;
use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Actions\WorkedOn;
use App\Models\Figure;
use App\Models\Job;
use App\Models\LogKind;
use App\Models\Quote;
use App\Models\Unit;
use App\Models\User;
use App\Refusals\NotAllowed;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Deletes a job of which nothing was painted and nothing offered. The log keeps that it was. */
final readonly class DeleteJob
{
    /** What belongs to the figure types of a job. */
    private const OF_AREAS = ['area_features', 'area_neighbours'];

    private const OF_TYPES = ['figure_areas', 'figure_parts'];

    private const OF_JOB = ['figure_types', 'job_moves'];

    /** @throws NotAllowed if a client was offered it, or something was worked on */
    public function handle(Job $job, int $versionRead, User $by): void
    {
        Transaction::run(static function () use ($job, $versionRead, $by): void {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            if (Quote::query()->where('job_id', $locked->id)->exists()) {
                throw NotAllowed::because('quoted', 'A quote of this job was made, and what was offered stays. Close the job instead.');
            }
            foreach (Unit::query()->where('job_id', $locked->id)->orderBy('id')->lockForUpdate()->get() as $unit) {
                WorkedOn::requireNothingOn(Figure::query()->where('unit_id', $unit->id)->orderBy('id')->lockForUpdate()->get(), $unit->name);
                WorkedOn::requireNoTimeOf($unit);
            }
            self::take($locked);
            Log::of($by, LogKind::JobDeleted, "{$locked->name}, {$locked->client}");
        });
    }

    private static function take(Job $job): void
    {
        $rows = static fn (string $table, string $column, Builder $of): Builder => DB::table($table)->whereIn($column, $of);
        $types = DB::table('figure_types')->where('job_id', $job->id)->select('id');
        $areas = DB::table('figure_areas')->whereIn('figure_type_id', $types)->select('id');
        $mixes = DB::table('job_mixes')->where('job_id', $job->id)->select('id');
        // What hangs on a row before it; the job itself is the last of all.
        foreach (array_diff(array_reverse(array_keys(JobRows::TABLES)), ['jobs']) as $table) {
            JobRows::within($table, $job->id)->delete();
        }
        $rows('job_mix_parts', 'job_mix_id', $mixes)->delete();
        DB::table('job_mixes')->where('job_id', $job->id)->delete();
        foreach (self::OF_AREAS as $table) {
            $rows($table, 'figure_area_id', $areas)->delete();
        }
        $rows('figure_areas', 'figure_type_id', $types)->update(['sits_on_id' => null]);
        foreach (self::OF_TYPES as $table) {
            $rows($table, 'figure_type_id', $types)->delete();
        }
        foreach (self::OF_JOB as $table) {
            DB::table($table)->where('job_id', $job->id)->delete();
        }
        // What was proposed for the standard is of the standard; where it was seen is gone.
        DB::table('standard_proposals')->where('job_id', $job->id)->update(['job_id' => null]);
        DB::table('job_changes')->where('job_id', $job->id)->orderByDesc('number')->delete();
        $job->delete();
    }
}
