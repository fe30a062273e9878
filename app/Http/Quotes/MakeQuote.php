<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\Quotes;
use App\Http\Shared\Answers;
use App\Models\Job;

/** Makes a quote, which takes the place of the one before it; its link is told this once. */
#[Answers(201)]
final readonly class MakeQuote
{
    public function __construct(private Quotes $quotes)
    {
    }

    public function __invoke(MakeQuoteRequest $request, Job $job): MadeQuoteResource
    {
        return new MadeQuoteResource(...$this->quotes->make($job, $request->terms(), $request->digest(), $request->person()));
    }
}
