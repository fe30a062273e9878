<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Core\Quote\Percent;
use Core\Quote\QuoteLine;
use Core\Quote\Reckoning;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Quotes worked by hand. Amounts in cents. */
final class ReckoningTest extends TestCase
{
    /** Eleven at 22.00 and a leader at 60.00. */
    private const LINES = [[11, 2200], [1, 6000]];

    /**
     * @param  list<array{int, int}>  $lines figures and price of each
     * @param  list<int>  $materials
     * @param  list<int>  $expected work, materials, discount, net, tax, rounding, total
     */
    #[DataProvider('quotes')]
    public function test_from_lines_to_what_is_to_be_paid(array $lines, array $materials, float $discount, float $tax, int $roundTo, array $expected): void
    {
        $lines = array_map(static fn (array $line): QuoteLine => new QuoteLine('Quay watch', 'Lamplighter', 'Muster', ...$line), $lines);
        $sum = Reckoning::of($lines, $materials, Percent::of($discount), Percent::of($tax), $roundTo);

        self::assertSame($expected, [$sum->work, $sum->materials, $sum->discount, $sum->net, $sum->tax, $sum->rounding, $sum->total]);
    }

    /** @return iterable<string, array{list<array{int, int}>, list<int>, float, float, int, list<int>}> */
    public static function quotes(): iterable
    {
        yield 'the lines alone' => [self::LINES, [], 0, 0, 1, [30200, 0, 0, 30200, 0, 0, 30200]];
        // 10 % of 302.00 is 30.20; 271.80 and 18.50 of materials; 19 % of 290.30 is 55.157.
        yield 'a discount on the work, tax on all' => [self::LINES, [1250, 600], 10, 19, 1, [30200, 1850, 3020, 29030, 5516, 0, 34546]];
        yield 'to the next whole' => [self::LINES, [1250, 600], 10, 19, 100, [30200, 1850, 3020, 29030, 5516, -46, 34500]];
        yield 'to the next five hundred' => [self::LINES, [1250, 600], 10, 19, 500, [30200, 1850, 3020, 29030, 5516, -46, 34500]];
        yield 'half of what it is rounded to goes up' => [[[1, 150]], [], 0, 0, 100, [150, 0, 0, 150, 0, 50, 200]];
        yield 'just under the half goes down' => [[[1, 149]], [], 0, 0, 100, [149, 0, 0, 149, 0, -49, 100]];
        yield 'an odd step' => [[[1, 7]], [], 0, 0, 5, [7, 0, 0, 7, 0, -2, 5]];
        yield 'half a cent of tax goes up' => [[[1, 50]], [], 0, 1, 1, [50, 0, 0, 50, 1, 0, 51]];
        // 8.125 % of 100.00 is 8.125.
        yield 'thousandths of a percent' => [[[1, 10000]], [], 0, 8.125, 1, [10000, 0, 0, 10000, 813, 0, 10813]];
        yield 'all of it off, materials stay' => [self::LINES, [500], 100, 20, 1, [30200, 500, 30200, 500, 100, 0, 600]];
        yield 'nothing at all' => [[], [], 5, 20, 100, [0, 0, 0, 0, 0, 0, 0]];
    }

    #[TestWith([-0.001])]
    #[TestWith([100.001])]
    public function test_a_percent_is_of_the_whole(float $percent): void
    {
        $this->expectException(OutOfRange::class);
        Percent::of($percent);
    }

    public function test_large_amounts_stay_exact(): void
    {
        self::assertSame(1_999_900_000_000, Percent::of(19.999)->ofAmount(10_000_000_000_000));
        self::assertSame(33_333_333_333, Percent::of(33.333)->ofAmount(100_001_000_010));
        self::assertSame(12.5, Percent::of(12.5)->percent());
    }
}
