<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use Carbon\CarbonImmutable;
use Core\Quote\Percent;

/** What the lead says of a quote beside what follows from the job. Amounts in the smallest unit of the currency. */
final readonly class QuoteTerms
{
    /**
     * @param  CarbonImmutable  $validUntil the last day on which it can be agreed to
     * @param  array<string, int>  $byHand price of a figure by key of its line, where its tier has none
     * @param  list<array{words: string, amount: int}>  $materials
     * @param  string  $taxName empty: tax
     * @param  int  $roundTo at least 1
     */
    public function __construct(
        public CarbonImmutable $validUntil,
        public string $text,
        public array $byHand,
        public array $materials,
        public Percent $discount,
        public Percent $tax,
        public string $taxName,
        public int $roundTo,
    ) {
    }
}
