<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Core\Plan\Pace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked by hand: the median, drawn toward 1 by n / (n + 5). Common practice, no source. */
final class PaceTest extends TestCase
{
    /** @param  list<array{float, float}>  $observed */
    #[DataProvider('paces')]
    public function test_the_median_is_drawn_toward_one(array $observed, float $factor, int $count): void
    {
        $pace = Pace::of($observed);

        self::assertEqualsWithDelta($factor, $pace->factor, 1e-12);
        self::assertSame($count, $pace->observed);
    }

    /** @return iterable<string, array{list<array{float, float}>, float, int}> */
    public static function paces(): iterable
    {
        yield 'nothing observed' => [[], 1.0, 0];
        yield 'once, twice as long: a sixth of it' => [[[20.0, 10.0]], 1 + 1 / 6, 1];
        yield 'five times, twice as long: half of it' => [array_fill(0, 5, [20.0, 10.0]), 1.5, 5];
        yield 'the middle one of three' => [[[10.0, 10.0], [40.0, 10.0], [18.0, 10.0]], 1 + 0.8 * 3 / 8, 3];
        yield 'between the middle two' => [[[8.0, 10.0], [6.0, 10.0], [9.0, 10.0], [30.0, 10.0]], 1 - 0.15 * 4 / 9, 4];
        yield 'what is allowed nothing, or took nothing, says nothing' => [[[5.0, 0.0], [0.0, 5.0], [5.0, 10.0]], 1 - 0.5 / 6, 1];
    }
}
