<?php

declare(strict_types=1);

namespace App\Actions\History;

use App\Actions\Transaction;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\User;
use Closure;

/** Keeps what is changed of a job, whatever changes it: its rows before and after are held against each other. */
final readonly class JobHistory
{
    /**
     * @template T
     *
     * @param  Closure(): T  $change called again from the start where the database gave up a deadlock
     * @return T what it answers
     */
    public static function recorded(int $job, User $by, Closure $change): mixed
    {
        return Transaction::run(static function () use ($job, $by, $change): mixed {
            // Before anything is read: what another change of this job did until here is not taken for part of this one.
            Job::query()->lockForUpdate()->findOrFail($job);
            $before = JobRows::of($job);
            $answer = $change();
            self::keep($job, $by, $before, null);

            return $answer;
        });
    }

    /** Called within a transaction, with the job locked since the rows before were read. */
    public static function keep(int $job, User $by, JobRows $before, ?JobChange $takesBack): void
    {
        $after = JobRows::of($job);
        $rows = $before->changesTo($after);
        $words = (new ChangeWords($rows, $before, $after))->sentences();
        if ($words !== []) {
            JobChange::query()->create([
                'job_id' => $job, 'user_id' => $by->id, 'words' => $words, 'at' => now(), 'takes_back_id' => $takesBack?->id,
                'rows' => array_map(static fn (RowChange $row): array => $row->toArray(), $rows),
            ]);
        }
    }
}
