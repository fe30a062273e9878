<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\Resource;
use App\Models\Quote;

/**
 * Where a quote stands.
 *
 * @phpstan-import-type QuoteHead from QuotesResource
 */
final readonly class QuoteHeadResource extends Resource
{
    public function __construct(private Quote $quote)
    {
    }

    /** @return QuoteHead */
    public function toArray(): array
    {
        return QuotesResource::head($this->quote);
    }
}
