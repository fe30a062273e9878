<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Transaction;
use App\Actions\Versioned;
use App\Models\Job;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Keeps the day that a client was told, so that it is seen when the plan moves past it. */
final readonly class PromiseJob
{
    /** @param  CarbonImmutable|null  $on null: nothing is promised */
    public function handle(Job $job, ?CarbonImmutable $on, int $versionRead, User $by): Job
    {
        return Transaction::run(static function () use ($job, $on, $versionRead, $by): Job {
            $locked = Versioned::lock($job, $versionRead, "the job {$job->name}");
            $locked->fill(['promised_on' => $on, 'promised_by' => $on === null ? null : $by->id, 'promised_at' => $on === null ? null : now()])->save();

            return $locked;
        });
    }
}
