<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Http\Shared\LeadRequest;
use App\Models\Quote;

/** A quote as PDF. */
#[Answers(type: 'application/pdf')]
final readonly class ExportQuote
{
    public function __construct(private QuotePaper $papers)
    {
    }

    public function __invoke(LeadRequest $request, Quote $quote): Download
    {
        return $this->papers->of($quote);
    }
}
