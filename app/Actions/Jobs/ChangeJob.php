<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use App\Models\JobState;
use App\Refusals\NotRight;

/** Changes what a job is called, whose it is, when it is due, and whether it runs. Records keep what they said. */
final readonly class ChangeJob
{
    /**
     * @param  string|null  $due date as YYYY-MM-DD
     *
     * @throws NotRight if another job has this name
     */
    public function handle(Job $job, string $name, string $client, ?string $due, JobState $state, int $versionRead): Job
    {
        return Transaction::run(static function () use ($job, $name, $client, $due, $state, $versionRead): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            if (Job::query()->whereKeyNot($locked->id)->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'job-exists', "There is a job \"{$name}\" already; give this one another name.");
            }
            $locked->update(['name' => $name, 'client' => $client, 'due' => $due, 'state' => $state]);

            return $locked;
        });
    }
}
