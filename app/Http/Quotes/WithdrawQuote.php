<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\Quotes;
use App\Http\Shared\LeadRequest;
use App\Models\Quote;

/** Withdraws a quote; its link shows nothing any more. */
final readonly class WithdrawQuote
{
    public function __construct(private Quotes $quotes)
    {
    }

    public function __invoke(LeadRequest $request, Quote $quote): QuoteHeadResource
    {
        return new QuoteHeadResource($this->quotes->withdraw($quote));
    }
}
