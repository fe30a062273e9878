<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Export\QuoteCsv;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Http\Shared\LeadRequest;
use App\Models\Quote;

/** The lines and sums of a quote as CSV. */
#[Answers(type: 'text/csv; charset=UTF-8')]
final readonly class ExportQuoteTable
{
    public function __invoke(LeadRequest $request, Quote $quote): Download
    {
        return new Download(QuoteCsv::of($quote->content), "quote-{$quote->number}.csv");
    }
}
