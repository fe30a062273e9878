<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use Core\School\SchoolQuestion;

/** Lets a job hold to a school of its own in what decides the order of steps, or again to that of its standard. What is marked stands. */
final readonly class ChooseSchool
{
    /** @param  string|null  $choice of the question's; null: as the standard has it */
    public function handle(Job $job, SchoolQuestion $question, ?string $choice, int $versionRead): Job
    {
        return Transaction::run(static function () use ($job, $question, $choice, $versionRead): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $locked->schools = $locked->schools->with($question, $choice);
            $locked->save();

            return $locked;
        });
    }
}
