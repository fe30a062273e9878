<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\EarlierQuote;
use App\Actions\Quotes\OfferedPlates;
use App\Actions\Quotes\QuoteContent;
use App\Export\PlatePictures;
use App\Http\Shared\Resource;
use App\Models\Quote;
use App\Models\QuoteState;
use Core\Quote\LineChange;
use Core\Quote\QuoteLine;

/**
 * A quote as it was offered, with what the one before it said otherwise.
 *
 * @phpstan-import-type OfferedContent from QuoteContent
 * @phpstan-import-type PlatePicture from PlatePictures
 *
 * @phpstan-type QuotedLine array{type: string, tier: string, figures: int, each: int}
 * @phpstan-type UnitChange array{unit: string, before: list<QuotedLine>, after: list<QuotedLine>}
 * @phpstan-type ShownPlates array{type: string, tier: string, units: list<string>, areas: list<array{area: string, picture: PlatePicture}>}
 * @phpstan-type Offer array{
 *   state: value-of<QuoteState>,
 *   agreed_by: string|null,
 *   agreed_on: string|null,
 *   content: OfferedContent,
 *   plates: list<ShownPlates>,
 *   before: array{number: int, total: int, changes: list<UnitChange>}|null,
 * }
 */
final readonly class OfferResource extends Resource
{
    /** The quote before it of the same job. */
    private ?Quote $before;

    public function __construct(private Quote $quote)
    {
        $this->before = EarlierQuote::of($quote);
    }

    /** @return Offer */
    public function toArray(): array
    {
        return [
            'state' => $this->quote->state()->value,
            'agreed_by' => $this->quote->agreed_by, 'agreed_on' => $this->quote->agreed_at?->toDateString(),
            'content' => $this->quote->content,
            'plates' => array_map(static fn (array $one): array => [
                'type' => $one['type'], 'tier' => $one['tier'], 'units' => $one['units'],
                'areas' => array_map(static fn (array $area): array => ['area' => $area['area'], 'picture' => PlatePictures::show(OfferedPlates::drawn($area['drawing']))], $one['areas']),
            ], $this->quote->content['plates']),
            'before' => $this->before === null ? null : [
                'number' => $this->before->number, 'total' => $this->before->total,
                'changes' => array_map(static fn (LineChange $one): array => [
                    'unit' => $one->unit, 'before' => array_map(self::line(...), $one->before), 'after' => array_map(self::line(...), $one->after),
                ], LineChange::between(self::lines($this->before), self::lines($this->quote))),
            ],
        ];
    }

    /** @return list<QuoteLine> */
    private static function lines(Quote $quote): array
    {
        return array_map(static fn (array $line): QuoteLine => new QuoteLine($line['unit'], $line['type'], $line['tier'], $line['figures'], $line['each']), $quote->content['lines']);
    }

    /** @return QuotedLine */
    private static function line(QuoteLine $line): array
    {
        return ['type' => $line->type, 'tier' => $line->tier, 'figures' => $line->figures, 'each' => $line->each];
    }
}
