<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use App\Models\User;

/** Sets a job aside: it keeps what is painted, and nobody's hours are planned for it until it is taken up again. */
final readonly class SetJobAside
{
    /** @param  string|null  $because null: it is taken up again */
    public function handle(Job $job, ?string $because, int $versionRead, User $by): Job
    {
        return Transaction::run(static function () use ($job, $because, $versionRead, $by): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $locked->fill(['aside_because' => $because, 'aside_by' => $because === null ? null : $by->id, 'aside_at' => $because === null ? null : now()])->save();

            return $locked;
        });
    }
}
