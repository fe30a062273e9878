<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Plate\Scatter;
use PHPUnit\Framework\TestCase;

/** M. Roberts, "The Unreasonable Effectiveness of Quasirandom Sequences" (2018): the point n of two dimensions is the fraction of n / g and n / g², where g is the plastic number. */
final class ScatterTest extends TestCase
{
    public function test_it_is_the_published_sequence_on_the_field(): void
    {
        // The one real root of x³ = x + 1.
        $g = ((9 + sqrt(69)) / 18) ** (1 / 3) + ((9 - sqrt(69)) / 18) ** (1 / 3);
        self::assertEqualsWithDelta(1.32471795724474602596, $g, 1e-12);
        $fraction = static fn (float $number): float => $number - floor($number);
        foreach (Scatter::over([10.0, 20.0, 30.0, 50.0], 40, 3) as $at => [$x, $y, $any]) {
            $n = $at + 3;
            self::assertEqualsWithDelta(10 + 30 * $fraction($n / $g), $x, 1e-9);
            self::assertEqualsWithDelta(20 + 50 * $fraction($n / $g ** 2), $y, 1e-9);
            self::assertTrue($any >= 0 && $any < 1);
        }
    }

    public function test_it_begins_with_the_first_and_has_as_many_as_are_asked_for(): void
    {
        $five = Scatter::over([0.0, 0.0, 1.0, 1.0], 5);

        self::assertCount(5, $five);
        self::assertSame($five, array_slice(Scatter::over([0.0, 0.0, 1.0, 1.0], 9), 0, 5));
        self::assertEqualsWithDelta([0.7549, 0.5698, 0.0111], $five[0], 0.0001);
        self::assertEqualsWithDelta([0.5098, 0.1397, 0.0222], $five[1], 0.0001);
        self::assertSame([], Scatter::over([0.0, 0.0, 1.0, 1.0], 0));
    }
}
