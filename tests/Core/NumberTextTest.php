<?php

declare(strict_types=1);

namespace Tests\Core;

use Core\NumberText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NumberTextTest extends TestCase
{
    #[TestWith([0.0, '0 min'])]
    #[TestWith([59.4, '59 min'])]
    #[TestWith([59.6, '1 h'])]
    #[TestWith([65.0, '1 h 05'])]
    #[TestWith([155.59, '2 h 36'])]
    #[TestWith([120.0, '2 h'])]
    #[TestWith([5582.0, '93 h 02'])]
    public function test_minutes_as_one_says_them(float $minutes, string $said): void
    {
        self::assertSame($said, NumberText::minutes($minutes));
    }

    #[TestWith([0.219, '0.22'])]
    #[TestWith([0.996, '1'])]
    #[TestWith([1.0, '1'])]
    #[TestWith([1.26, '1.3'])]
    #[TestWith([99.94, '99.9'])]
    #[TestWith([100.0, '100'])]
    #[TestWith([-250.4, '-250'])]
    public function test_as_few_decimals_as_say_enough(float $value, string $said): void
    {
        self::assertSame($said, NumberText::few($value));
    }

    #[TestWith([10.0, 1, '10'])]
    #[TestWith([2.50, 2, '2.5'])]
    #[TestWith([100.0, 0, '100'])]
    public function test_zeros_that_say_nothing_are_left_out(float $value, int $decimals, string $said): void
    {
        self::assertSame($said, NumberText::of($value, $decimals));
    }
}
