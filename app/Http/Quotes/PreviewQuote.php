<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\JobQuote;
use App\Models\Job;

/** What a job would be offered at, as it stands, on these terms. */
final readonly class PreviewQuote
{
    public function __construct(private JobQuote $quotes)
    {
    }

    public function __invoke(TermsRequest $request, Job $job): QuotePreviewResource
    {
        return new QuotePreviewResource($this->quotes->of($job, $request->terms()));
    }
}
