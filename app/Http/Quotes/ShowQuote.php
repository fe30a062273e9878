<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\LeadRequest;
use App\Models\Quote;

/** A quote as it was offered. */
final readonly class ShowQuote
{
    public function __invoke(LeadRequest $request, Quote $quote): OfferResource
    {
        return new OfferResource($quote);
    }
}
