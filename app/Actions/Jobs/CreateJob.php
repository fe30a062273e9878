<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Transaction;
use App\Models\Force;
use App\Models\Job;
use App\Models\StandardVersion;
use App\Models\VersionState;
use App\Refusals\NotRight;
use Core\Standard\Purpose;

/** Books a job under a version of the standard: the one in force unless another is named. */
final readonly class CreateJob
{
    /**
     * @param  string|null  $due date as YYYY-MM-DD
     *
     * @throws NotRight if the name is taken, or no standard is in force
     */
    public function handle(string $name, string $client, string $force, ?string $due, ?int $standardVersion, ?Purpose $purpose = null): Job
    {
        return Transaction::run(function () use ($name, $client, $force, $due, $standardVersion, $purpose): Job {
            if (Job::query()->where('name', $name)->exists()) {
                throw NotRight::at('/name', 'job-exists', "There is a job \"{$name}\" already; give this one another name.");
            }
            $version = $standardVersion === null
                ? StandardVersion::inForce()
                : StandardVersion::query()->where('state', '<>', VersionState::Draft)->find($standardVersion);
            if ($version === null) {
                throw NotRight::at('/standard_version_id', 'no-standard', 'There is no such version of the standard; load one and put it in force first.');
            }

            return Job::query()->create([
                'force_id' => Force::query()->firstOrCreate(['name' => $force])->id,
                'standard_version_id' => $version->id,
                'name' => $name,
                'client' => $client,
                'due' => $due,
                'purpose' => $purpose,
            ]);
        });
    }
}
