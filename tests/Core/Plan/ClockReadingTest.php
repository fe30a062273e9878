<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Core\Plan\ClockReading;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClockReadingTest extends TestCase
{
    #[TestWith(['+0 seconds', 0.0, true])]
    #[TestWith(['+5 seconds', 5 / 60, true])]
    #[TestWith(['+6 seconds', 0.1, false])]
    #[TestWith(['+240 minutes', 240.0, false])]
    #[TestWith(['+14401 seconds', null, false])]
    #[TestWith(['+9 hours', null, false])]
    #[TestWith(['-3 minutes', 0.0, true])]
    public function test_what_it_says(string $later, ?float $minutes, bool $samePress): void
    {
        $from = new DateTimeImmutable('2026-11-30 21:40');
        $reading = new ClockReading($from, $from->modify($later));

        self::assertSame([$minutes, $samePress], [$reading->minutes(), $reading->isOfSamePress()]);
    }
}
