<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Models\User;
use Carbon\CarbonImmutable;
use Core\Composition\Addition;
use Core\Composition\BlockedUse;
use Core\Composition\Waiver;
use Core\Standard\Currency;

/**
 * A quote in words and numbers that stay true when job and standard change later.
 *
 * @phpstan-type QuotedAddition array{area: string, work: string, from: string, price: int|null}
 * @phpstan-type QuotedWaiver array{area: string, work: string, price: int|null}
 * @phpstan-type OfferedLine array{
 *   unit: string,
 *   numbers: list<int>,
 *   figures: int,
 *   type: string,
 *   tier: string,
 *   each: int,
 *   sum: int,
 *   by: 'list'|'hours'|'hand',
 *   minutes: float,
 *   added: list<QuotedAddition>,
 *   left_out: list<QuotedWaiver>,
 * }
 * @phpstan-type QuoteSums array{
 *   work: int,
 *   materials: int,
 *   discount_percent: float,
 *   discount: int,
 *   net: int,
 *   tax_name: string,
 *   tax_percent: float,
 *   tax: int,
 *   rounding: int,
 *   total: int,
 * }
 * @phpstan-type QuotedMenu array{name: string, choose: int|null, of: list<string>}
 * @phpstan-type QuotedSurface array{name: string, included: list<string>, to_choose: list<QuotedMenu>}
 * @phpstan-type QuotedTier array{name: string, made: string, distance_mm: float, surfaces: list<QuotedSurface>}
 * @phpstan-type OfferedFigure array{
 *   type: string,
 *   units: list<string>,
 *   width: int,
 *   height: int,
 *   areas: list<array{area: string, path: string, hex: string|null}>,
 * }
 * @phpstan-type OfferedMark array{
 *   d: string,
 *   fill: string|null,
 *   stroke: string|null,
 *   width: float,
 *   opacity: float,
 *   blur: float,
 *   outside: bool,
 * }
 * @phpstan-type OfferedDrawing array{outline: string, marks: list<OfferedMark>}
 * @phpstan-type OfferedPlates_ array{
 *   type: string,
 *   tier: string,
 *   units: list<string>,
 *   areas: list<array{area: string, drawing: OfferedDrawing}>,
 * }
 * @phpstan-type OfferedContent array{
 *   format: string,
 *   number: int,
 *   studio: string,
 *   job: array{name: string, client: string, force: string},
 *   wishes: list<string>,
 *   standard: array{name: string, version: string},
 *   made: array{by: string, on: string},
 *   valid_until: string,
 *   wished_for: string|null,
 *   promised_for: string|null,
 *   currency: string,
 *   currency_decimals: int,
 *   lines: list<OfferedLine>,
 *   materials: list<array{words: string, amount: int}>,
 *   sums: QuoteSums,
 *   tiers: list<QuotedTier>,
 *   figures: list<OfferedFigure>,
 *   plates: list<OfferedPlates_>,
 *   terms: string,
 * }
 */
final readonly class QuoteContent
{
    private const FORMAT = 'ordotype-quote/1';

    /**
     * @param  array{figures: list<OfferedFigure>, plates: list<OfferedPlates_>}  $colours of its figures
     * @return OfferedContent
     */
    public static function of(QuoteReading $reading, array $colours, int $number, User $by, CarbonImmutable $on): array
    {
        $job = $reading->job->loadMissing(['force', 'standardVersion.standard', 'studio']);
        $currency = Currency::of($job->studio->currency);

        return [
            'format' => self::FORMAT, 'number' => $number, 'studio' => $job->studio->name,
            'job' => ['name' => $job->name, 'client' => $job->client, 'force' => $job->force->name],
            'wishes' => $job->wishes(),
            'standard' => ['name' => $job->standardVersion->standard->name, 'version' => $job->standardVersion->label],
            'made' => ['by' => $by->name, 'on' => $on->toDateString()],
            'valid_until' => $reading->terms->validUntil->toDateString(),
            'wished_for' => $job->due?->toDateString(), 'promised_for' => $job->promised_on?->toDateString(),
            'currency' => $currency->code, 'currency_decimals' => $currency->decimals,
            'lines' => self::lines($reading),
            'materials' => $reading->terms->materials,
            'sums' => self::sums($reading),
            'tiers' => QuotedTiers::of($reading),
            'figures' => $colours['figures'],
            'plates' => $colours['plates'],
            'terms' => $reading->terms->text,
        ];
    }

    /** @return QuoteSums */
    public static function sums(QuoteReading $reading): array
    {
        $sum = $reading->reckoning();

        return [
            'work' => $sum->work, 'materials' => $sum->materials,
            'discount_percent' => $reading->terms->discount->percent(), 'discount' => $sum->discount, 'net' => $sum->net,
            'tax_name' => $reading->terms->taxName, 'tax_percent' => $reading->terms->tax->percent(), 'tax' => $sum->tax,
            'rounding' => $sum->rounding, 'total' => $sum->total,
        ];
    }

    /** @return list<OfferedLine> of those that have a price */
    public static function lines(QuoteReading $reading): array
    {
        $lines = [];
        foreach ($reading->lines as $quoted) {
            $line = $quoted->line();
            if ($line !== null) {
                $lines[] = [
                    'unit' => $line->unit, 'numbers' => array_map(static fn ($one): int => $one->row->number, $quoted->figures), 'figures' => $line->figures,
                    'type' => $line->type, 'tier' => $line->tier, 'each' => $line->each, 'sum' => $line->sum(),
                    'by' => $quoted->price === null ? 'hand' : ($quoted->tier->terms->price?->hourly === null ? 'list' : 'hours'),
                    'minutes' => $quoted->first()->composition->minutes,
                    'added' => self::added($quoted, $reading), 'left_out' => self::leftOut($quoted, $reading),
                ];
            }
        }

        return $lines;
    }

    /** @return list<QuotedAddition> */
    private static function added(QuotedFigures $quoted, QuoteReading $reading): array
    {
        return array_map(static fn (Addition $one): array => [
            'area' => $one->area, 'work' => $reading->standard->technique($one->use->techniques[0])->name,
            'from' => $one->agreed === null ? '' : $reading->standard->tier($one->agreed->tier)->name,
            'price' => $one->agreed?->agreement?->price,
        ], $quoted->first()->figure->additions);
    }

    /** @return list<QuotedWaiver> */
    private static function leftOut(QuotedFigures $quoted, QuoteReading $reading): array
    {
        $figure = $quoted->first()->figure;

        // What lies under finished paint is left out too, and nobody agreed on a price for it.
        $blocked = array_map(static fn (BlockedUse $one): array => ['area' => $one->area->id, 'work' => $reading->standard->technique($one->technique)->name, 'price' => null], $quoted->first()->plan->blocked ?? []);

        return [...$blocked, ...array_map(static function (Waiver $one) use ($figure, $reading): array {
            $area = $figure->area($one->area);
            $use = $area === null ? null : $reading->standard->requirement($figure->tierOf($area), $area->surface)?->use($one->use);

            return ['area' => $one->area, 'work' => $use === null ? $one->use : $reading->standard->technique($use->techniques[0])->name, 'price' => $one->agreement?->price];
        }, $figure->waivers)];
    }
}
