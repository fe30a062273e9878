<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\LeadRequest;
use App\Models\Job;
use App\Models\Quote;

/** The quotes of a job, the latest first. */
final readonly class ListQuotes
{
    public function __invoke(LeadRequest $request, Job $job): QuotesResource
    {
        $own = Quote::query()->where('job_id', $job->id)->orderByDesc('number')->get()->all();

        return new QuotesResource($own, $own === [] ? Quote::query()->orderByDesc('id')->first() : null);
    }
}
