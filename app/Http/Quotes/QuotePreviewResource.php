<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\QuoteContent;
use App\Actions\Quotes\QuotedFigures;
use App\Actions\Quotes\QuoteReading;
use App\Actions\Quotes\Quotes;
use App\Http\Shared\Resource;

/**
 * A quote before it is made; what has no price stands apart.
 *
 * @phpstan-import-type OfferedLine from QuoteContent
 * @phpstan-import-type QuoteSums from QuoteContent
 *
 * @phpstan-type WithoutPrice array{key: string, unit: string, tier: string, size: string, figures: int, minutes: float}
 * @phpstan-type QuotePreview array{
 *   lines: list<OfferedLine>,
 *   without_price: list<WithoutPrice>,
 *   by_hand: list<WithoutPrice>,
 *   sums: QuoteSums,
 *   minutes: float,
 *   digest: string,
 * }
 */
final readonly class QuotePreviewResource extends Resource
{
    public function __construct(private QuoteReading $reading)
    {
    }

    /** @return QuotePreview */
    public function toArray(): array
    {
        return [
            'lines' => QuoteContent::lines($this->reading),
            'without_price' => array_map(self::named(...), $this->reading->withoutPrice()),
            'by_hand' => array_map(self::named(...), array_values(array_filter($this->reading->lines, static fn (QuotedFigures $line): bool => $line->price === null))),
            'sums' => QuoteContent::sums($this->reading),
            'minutes' => array_sum(array_map(static fn (QuotedFigures $line): float => count($line->figures) * $line->first()->composition->minutes, $this->reading->lines)),
            'digest' => Quotes::digest($this->reading),
        ];
    }

    /** @return WithoutPrice */
    private static function named(QuotedFigures $line): array
    {
        return [
            'key' => $line->key, 'unit' => $line->first()->unit->name, 'tier' => $line->tierWords(), 'size' => $line->first()->type->sizeClass->value,
            'figures' => count($line->figures), 'minutes' => $line->first()->composition->minutes,
        ];
    }
}
