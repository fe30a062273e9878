<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Models\Job;

/**
 * @phpstan-import-type JobSummary from JobResource
 */
final readonly class JobsResource extends Resource
{
    /** @param  list<Job>  $jobs with their counts */
    public function __construct(private array $jobs)
    {
    }

    /** @return list<JobSummary> */
    public function toArray(): array
    {
        return array_map(JobResource::summary(...), $this->jobs);
    }
}
