<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Studios\JobStanding;
use App\Http\Shared\Resource;

/**
 * @phpstan-import-type JobSummary from JobResource
 */
final readonly class JobsResource extends Resource
{
    /** @param  list<JobStanding>  $jobs */
    public function __construct(private array $jobs)
    {
    }

    /** @return list<JobSummary> */
    public function toArray(): array
    {
        return array_map(JobResource::summary(...), $this->jobs);
    }
}
