<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\Resource;
use App\Models\Quote;

/**
 * A quote with its link, which is kept nowhere.
 *
 * @phpstan-import-type QuoteHead from QuotesResource
 *
 * @phpstan-type MadeQuote array{quote: QuoteHead, link: string}
 */
final readonly class MadeQuoteResource extends Resource
{
    public function __construct(
        private Quote $quote,
        private string $token,
    ) {
    }

    /** @return MadeQuote */
    public function toArray(): array
    {
        return ['quote' => QuotesResource::head($this->quote), 'link' => url("/offer/{$this->token}")];
    }
}
