<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Core\Quote\BatchEstimate;
use Core\Quote\Past;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a batch takes, worked by hand: 100 minutes laid, 20 tidied back, 15 mixing, 12 of looks, 40 waiting. */
final class BatchEstimateTest extends TestCase
{
    public function test_tidying_mixing_and_looks_are_work_and_drying_is_not(): void
    {
        $estimate = self::estimate();

        self::assertSame([147.0, 175.0], [$estimate->handsOn, $estimate->elapsed], '100 + 20 + 15 + 12; 100 + 20 + 15 + 40');
        self::assertSame([147.0, 147.0], [$estimate->least, $estimate->most], 'nothing says that it may be more or less');
    }

    public function test_a_pace_is_of_who_paints_not_of_who_mixes_or_checks(): void
    {
        $estimate = self::estimate(pace: 1.25);

        self::assertSame([177.0, 205.0], [$estimate->handsOn, $estimate->elapsed], '120 × 1.25 + 15 + 12; 150 + 15 + 40');
        self::assertSame([177.0, 177.0], [$estimate->least, $estimate->most]);
    }

    public function test_it_reaches_from_how_it_went_well_to_every_coat_as_it_went_badly(): void
    {
        // Quartiles of these are 0.9 and 1.5.
        $past = Past::of([0.8, 0.9, 1.1, 1.5, 1.9]);
        $estimate = self::estimate(atMost: 130.0, pace: 1.25, past: $past);

        self::assertEqualsWithDelta([120 * 0.9 + 27, (130 + 20) * 1.5 + 27], [$estimate->least, $estimate->most], 1e-9);
        self::assertSame('half of 5 units between 90 % and 150 %', self::input($estimate, 'what was taken for what was allowed, until now'));
        self::assertEqualsWithDelta([147.0, 177.0], [self::estimate(atMost: 130.0)->least, self::estimate(atMost: 130.0)->most], 1e-9);
    }

    /** @return iterable<string, array{float|null, bool}> */
    public static function budgets(): iterable
    {
        yield 'none' => [null, false];
        yield 'as much as who paints needs' => [135.0, false];
        yield 'a tenth over is not told' => [135.0 / 1.1, false];
        yield 'more is' => [135.0 / 1.1 - 0.01, true];
    }

    #[DataProvider('budgets')]
    public function test_it_is_over_where_who_paints_needs_more_than_the_tiers_have(?float $budget, bool $over): void
    {
        self::assertSame($over, self::estimate(budget: $budget)->isOver());
    }

    public function test_what_is_not_known_says_so(): void
    {
        $estimate = self::estimate();

        self::assertSame(['not known', 'too little is known', '20 min', '15 min', '12 min', '40 min'], array_map(static fn (string $name): string => self::input($estimate, $name), [
            'pace of who paints', 'what was taken for what was allowed, until now', 'tidying back', 'mixing and cleaning, once for the batch', 'looks of who checks', 'waiting for what dries',
        ]));
    }

    public function test_four_units_are_no_past_and_five_are(): void
    {
        self::assertNull(Past::of([1.0, 1.0, 1.0, 1.0]));
        self::assertNotNull(Past::of([1.0, 1.0, 1.0, 1.0, 1.0]));
    }

    /**
     * Quartiles of the seventh kind of Hyndman and Fan, 1996; values as R's `quantile(x, type = 7)` gives them, from memory of its
     * definition, (n − 1) p + 1.
     *
     * @return iterable<string, array{list<float>, float, float}>
     */
    public static function quartiles(): iterable
    {
        yield 'five, in whatever order' => [[1.9, 0.8, 1.5, 0.9, 1.1], 0.9, 1.5];
        yield 'six' => [[1.0, 2.0, 3.0, 4.0, 5.0, 6.0], 2.25, 4.75];
        yield 'eight' => [[1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0], 2.75, 6.25];
        yield 'six, unevenly' => [[1.0, 2.0, 4.0, 8.0, 16.0, 32.0], 2.5, 14.0];
        yield 'seven, unevenly' => [[1.0, 2.0, 4.0, 8.0, 16.0, 32.0, 64.0], 3.0, 24.0];
        yield 'all alike' => [[1.2, 1.2, 1.2, 1.2, 1.2], 1.2, 1.2];
    }

    /** @param  list<float>  $shares */
    #[DataProvider('quartiles')]
    public function test_the_past_lies_between_its_quartiles(array $shares, float $low, float $high): void
    {
        $past = Past::of($shares);

        self::assertEqualsWithDelta([$low, $high, count($shares)], [$past?->low, $past?->high, $past?->observed], 1e-12);
    }

    #[TestWith([0, 'uses'])]
    #[TestWith([1, 'tidies'])]
    #[TestWith([2, 'set-up'])]
    #[TestWith([3, 'looks'])]
    #[TestWith([4, 'waiting'])]
    public function test_nothing_takes_less_than_no_time(int $which, string $name): void
    {
        $minutes = [0.0, 0.0, 0.0, 0.0, 0.0];
        $of = static fn (float $uses, float $tidies, float $setUp, float $looks, float $waiting): BatchEstimate => new BatchEstimate(1, $uses, 0.0, $tidies, $setUp, $looks, $waiting, null, null, null);
        self::assertSame(0.0, $of(...$minutes)->handsOn, 'none at all is none');
        self::assertSame(0.5, $of(0.5, 0.0, 0.0, 0.0, 0.0)->handsOn);

        $this->expectExceptionObject(OutOfRange::below($name, 0, -0.1));
        $of(...array_replace($minutes, [$which => -0.1]));
    }

    public function test_it_says_what_it_is_reckoned_from(): void
    {
        $inputs = static fn (BatchEstimate $estimate): array => array_column($estimate->why()->toArray()['inputs'], 'value', 'name');

        self::assertSame(['10', '1 h 40'], [$inputs(self::estimate())['figures'], $inputs(self::estimate())['what is laid']]);
        self::assertArrayNotHasKey('what is laid, with every coat and step that may be', $inputs(self::estimate()), 'no more may be');
        self::assertSame('2 h 10', $inputs(self::estimate(atMost: 130.0))['what is laid, with every coat and step that may be']);
        self::assertSame('125 %', $inputs(self::estimate(pace: 1.25))['pace of who paints']);
    }

    private static function input(BatchEstimate $estimate, string $name): string
    {
        foreach ($estimate->why()->toArray()['inputs'] as $input) {
            if ($input['name'] === $name) {
                return $input['value'];
            }
        }
        self::fail("There is no {$name}.");
    }

    private static function estimate(float $atMost = 100.0, ?float $pace = null, ?Past $past = null, ?float $budget = null): BatchEstimate
    {
        return new BatchEstimate(10, 100.0, $atMost, 20.0, 15.0, 12.0, 40.0, $pace, $past, $budget);
    }
}
