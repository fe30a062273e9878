<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Http\Shared\Resource;
use App\Models\Quote;
use App\Models\QuoteState;

/**
 * Quotes of a job, and the terms of the studio's last one, to begin with.
 *
 * @phpstan-type QuoteHead array{
 *   id: int,
 *   number: int,
 *   state: value-of<QuoteState>,
 *   total: int,
 *   made: string,
 *   by: string,
 *   valid_until: string,
 *   agreed_by: string|null,
 *   agreed_at: string|null,
 * }
 * @phpstan-type LastTerms array{text: string, tax: float, tax_name: string, discount: float, materials: list<array{words: string, amount: int}>}
 * @phpstan-type Quotes_ array{quotes: list<QuoteHead>, last: LastTerms|null}
 */
final readonly class QuotesResource extends Resource
{
    /**
     * @param  array<int, Quote>  $quotes
     * @param  Quote|null  $last of the studio, where the job has none
     */
    public function __construct(
        private array $quotes,
        private ?Quote $last,
    ) {
    }

    /** @return Quotes_ */
    public function toArray(): array
    {
        $own = $this->quotes[0] ?? null;
        $content = ($own ?? $this->last)?->content;

        return [
            'quotes' => array_map(self::head(...), array_values($this->quotes)),
            'last' => $content === null ? null : [
                'text' => $content['terms'], 'tax' => $content['sums']['tax_percent'], 'tax_name' => $content['sums']['tax_name'],
                // What was said of this client is nothing to begin another's with.
                'discount' => $own === null ? 0.0 : $content['sums']['discount_percent'],
                'materials' => $own === null ? [] : $content['materials'],
            ],
        ];
    }

    /** @return QuoteHead */
    public static function head(Quote $quote): array
    {
        return [
            'id' => $quote->id, 'number' => $quote->number, 'state' => $quote->state()->value, 'total' => $quote->total,
            'made' => $quote->made_at->toIso8601ZuluString(), 'by' => $quote->content['made']['by'], 'valid_until' => $quote->valid_until->toDateString(),
            'agreed_by' => $quote->agreed_by, 'agreed_at' => $quote->agreed_at?->toIso8601ZuluString(),
        ];
    }
}
