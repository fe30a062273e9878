<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Core\Composition\AgreedAddition;
use Core\Composition\Agreement;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FittingAdditions;
use Core\Composition\FittingVariations;
use Core\Composition\Waiver;
use Core\Quote\FigurePrice;
use Core\Standard\Area;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Prices worked by hand on a small standard: a coat, half of the figure, at the rich tier, to which the plain tier's shade (4 minutes) is added. */
final class FigurePriceTest extends TestCase
{
    // Coat at rich: base 1 + 12/2 = 7, recess 10, light 20; with 2 buckles 6: 43 minutes.
    private const BY_LIST = ['school' => 'list', 'list' => ['foot' => 4200]];

    private const BY_HOURS = ['school' => 'hours', 'hourly' => 3000];

    /** @param  array<string, mixed>|null  $price */
    #[DataProvider('agreements')]
    public function test_what_it_costs(?array $price, ?int $added, ?int $leftOut, ?int $tier, ?int $sum): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with($price === null ? [] : ['/tiers/1/price' => $price]));
        $bare = new Figure('rich', 1.0, [new Area('coat', 'cloth', 0.5, ['buckle' => 2])]);
        $with = (new FittingAdditions($standard))->apply($bare, [new AgreedAddition('coat', 'plain', 'shade', 'agreed', new Agreement(1, 'client', 'lead', price: $added))]);
        $figure = (new FittingVariations($standard))->apply($with, [new Waiver('coat', 'buckles', 'none wanted', new Agreement(2, 'client', 'lead', price: $leftOut))], []);
        $of = FigurePrice::of($standard->tier('rich'), 'foot', $figure, (new Composer($standard))->compose($figure));

        self::assertSame($tier, $of?->tier);
        self::assertSame($sum, $of?->sum());
    }

    /** @return iterable<string, array{array<string, mixed>|null, int|null, int|null, int|null, int|null}> price of the tier; of the addition; of what is left out; by tier; in all */
    public static function agreements(): iterable
    {
        yield 'by list, no price agreed' => [self::BY_LIST, null, null, 4200, 4200];
        yield 'by list, more and less' => [self::BY_LIST, 500, 150, 4200, 4550];
        yield 'by list, for nothing' => [self::BY_LIST, 0, 0, 4200, 4200];
        // 37 minutes without the buckles, and 4 added: 41 × 50.
        yield 'by hours, the addition by its minutes' => [self::BY_HOURS, null, null, 2050, 2050];
        // With a price of its own its 4 minutes are not counted again: 37 × 50.
        yield 'by hours, the addition by its price' => [self::BY_HOURS, 500, 150, 1850, 2200];
        yield 'by hours, the addition for nothing' => [self::BY_HOURS, 0, null, 1850, 1850];
        yield 'never under nothing' => [self::BY_LIST, null, 5000, 4200, 0];
        yield 'no list price for its size' => [['school' => 'list', 'list' => ['mounted' => 9000]], 500, null, null, null];
        yield 'by agreement' => [null, 500, null, null, null];
    }

    /**
     * @param  array<string, mixed>|null  $from
     * @param  array<string, mixed>|null  $to
     */
    #[DataProvider('raised')]
    public function test_what_it_costs_to_raise_it(?array $from, ?array $to, ?int $sum): void
    {
        $prices = array_filter(['/tiers/0/price' => $from, '/tiers/1/price' => $to], static fn (?array $price): bool => $price !== null);
        $standard = StandardReader::ofSound()->read(SmallStandard::with($prices));
        $figure = new Figure('rich', 1.0, [new Area('coat', 'cloth', 0.5, ['buckle' => 2])]);

        self::assertSame($sum, FigurePrice::of($standard->tier('rich'), 'foot', $figure, (new Composer($standard))->compose($figure), $standard->tier('plain'))?->sum());
    }

    /** @return iterable<string, array{array<string, mixed>|null, array<string, mixed>|null, int|null}> price of the lower tier, of the higher; what it costs */
    public static function raised(): iterable
    {
        yield 'by list, the difference' => [['school' => 'list', 'list' => ['foot' => 1800]], self::BY_LIST, 2400];
        yield 'never under nothing' => [['school' => 'list', 'list' => ['foot' => 5000]], self::BY_LIST, 0];
        // 43 minutes of what is laid × 50.
        yield 'by hours, what is laid' => [['school' => 'list', 'list' => ['foot' => 1800]], self::BY_HOURS, 2150];
        yield 'by list onto hours: nobody knows what was paid by list' => [self::BY_HOURS, self::BY_LIST, null];
        yield 'by list onto a size without a price' => [['school' => 'list', 'list' => ['mounted' => 900]], self::BY_LIST, null];
        yield 'onto a tier without a price' => [['school' => 'list', 'list' => ['foot' => 1800]], null, null];
    }

    public function test_what_came_finished_costs_nothing(): void
    {
        self::assertSame(0, FigurePrice::nothing()->sum());
    }

    public function test_hours_of_work_that_nobody_has_settled_have_no_price(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/tiers/1/price' => self::BY_HOURS]));
        $figure = new Figure('rich', 1.0, [new Area('coat', 'cloth', 0.5), new Area('badge', 'marking', 0.1)]);

        self::assertNull(FigurePrice::of($standard->tier('rich'), 'foot', $figure, (new Composer($standard))->compose($figure)), 'rich says nothing of markings');
        $listed = StandardReader::ofSound()->read(SmallStandard::with(['/tiers/1/price' => self::BY_LIST]));
        self::assertSame(4200, FigurePrice::of($listed->tier('rich'), 'foot', $figure, (new Composer($listed))->compose($figure))?->sum(), 'a list price is for whatever it turns out to be');
    }
}
