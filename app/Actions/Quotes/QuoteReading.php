<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Models\Job;
use Core\Quote\QuoteLine;
use Core\Quote\Reckoning;
use Core\Standard\Standard;

/** A job at its prices, with what the lead says of them. */
final readonly class QuoteReading
{
    /** @param  list<QuotedFigures>  $lines units in their order */
    public function __construct(
        public Job $job,
        public Standard $standard,
        public QuoteTerms $terms,
        public array $lines,
    ) {
    }

    /** @return list<QuotedFigures> of which nobody has said what they cost */
    public function withoutPrice(): array
    {
        return array_values(array_filter($this->lines, static fn (QuotedFigures $line): bool => $line->each() === null));
    }

    /** Of the lines that have a price. */
    public function reckoning(): Reckoning
    {
        $lines = array_values(array_filter(array_map(static fn (QuotedFigures $line): ?QuoteLine => $line->line(), $this->lines)));

        return Reckoning::of($lines, array_column($this->terms->materials, 'amount'), $this->terms->discount, $this->terms->tax, $this->terms->roundTo);
    }
}
