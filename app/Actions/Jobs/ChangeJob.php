<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Actions\WorkedOn;
use App\Models\Figure;
use App\Models\Force;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Unit;
use App\Refusals\NotAllowed;
use App\Refusals\NotRight;

/** Changes what a job is called, whose it is and what for, of which force, when it is due, and whether it runs. Records keep what they said. */
final readonly class ChangeJob
{
    /**
     * @throws NotRight if another job has this name, or it is open and would go into the archive
     * @throws NotAllowed if it would be of another force and something of it was painted or judged
     */
    public function handle(Job $job, JobSaid $said, int $versionRead): Job
    {
        return Transaction::run(static function () use ($job, $said, $versionRead): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            if (Job::query()->whereKeyNot($locked->id)->where('name', $said->name)->exists()) {
                throw NotRight::at('/name', 'job-exists', "There is a job \"{$said->name}\" already; give this one another name.");
            }
            if ($said->force !== null && $said->force !== $locked->force->name) {
                self::toForce($locked, $said->force);
            }
            if ($said->state === JobState::Archived && $locked->state === JobState::Open) {
                throw NotRight::at('/state', 'job-open', "\"{$locked->name}\" is still open; close it before it goes into the archive.");
            }
            $locked->update(['name' => $said->name, 'client' => $said->client, 'due' => $said->due, 'state' => $said->state, 'notes' => $said->notes ?? $locked->notes, 'purpose' => $said->purpose ?? $locked->purpose]);

            return $locked;
        });
    }

    /** The schemes of a force are its own: all goes to the common one of the other. */
    private static function toForce(Job $job, string $force): void
    {
        $units = Unit::query()->where('job_id', $job->id)->orderBy('id')->lockForUpdate()->get();
        $figures = Figure::query()->whereIn('unit_id', $units->modelKeys())->orderBy('id')->lockForUpdate()->get();
        $back = $figures->firstWhere('raises_id', '<>', null);
        if ($back !== null) {
            throw NotAllowed::because('comes-back', "Figure {$back->number} of {$back->unit->name} comes back to be raised in the colours of its force; the force stays.");
        }
        foreach ($units as $unit) {
            WorkedOn::requireNothingOn($figures->where('unit_id', $unit->id), $unit->name);
        }
        Unit::query()->whereKey($units->modelKeys())->increment('version', 1, ['scheme_id' => null]);
        Figure::query()->whereKey($figures->modelKeys())->increment('version', 1, ['scheme_id' => null]);
        $job->force_id = Force::query()->firstOrCreate(['name' => $force])->id;
        $job->unsetRelation('force');
    }
}
