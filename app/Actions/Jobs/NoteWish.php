<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use Core\School\SchoolQuestion;

/** Notes what the client of a job said where they have a say: a choice, or that they leave it to the studio. */
final readonly class NoteWish
{
    /** @param  string|null  $choice of the question's; null: left to the studio */
    public function handle(Job $job, SchoolQuestion $question, ?string $choice, int $versionRead): Job
    {
        return Transaction::run(static function () use ($job, $question, $choice, $versionRead): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $locked->schools = $locked->schools->with($question, $choice);
            $left = array_values(array_diff($locked->left_to_studio, [$question->value]));
            $locked->left_to_studio = $choice === null ? [...$left, $question->value] : $left;
            $locked->save();

            return $locked;
        });
    }
}
