<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Core\Plan\Deadline;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DeadlineTest extends TestCase
{
    #[TestWith(['2026-11-29', '2026-11-29', 0], 'today')]
    #[TestWith(['2026-11-30', '2026-11-29', 1], 'tomorrow')]
    #[TestWith(['2026-11-28', '2026-11-29', -1], 'yesterday')]
    #[TestWith(['2027-01-01', '2026-12-31', 1], 'over the end of a year')]
    #[TestWith(['2028-03-01', '2028-02-28', 2], 'over a leap day')]
    #[TestWith(['2027-11-29', '2026-11-29', 365], 'a year')]
    public function test_days_are_counted_by_the_calendar(string $due, string $today, int $left): void
    {
        self::assertSame($left, self::deadline($due, $today)->daysLeft());
    }

    /** In Berlin the clock is put forward in the night of 2026-03-29 and back in that of 2026-10-25 (tz database). */
    #[TestWith(['2026-03-30', '2026-03-29 00:30', 1])]
    #[TestWith(['2026-10-26', '2026-10-25 23:59', 1])]
    #[TestWith(['2026-10-25', '2026-10-25 23:59', 0])]
    public function test_neither_the_hour_nor_a_changed_clock_takes_a_day_away(string $due, string $now, int $left): void
    {
        $berlin = new DateTimeZone('Europe/Berlin');
        self::assertSame($left, (new Deadline(new DateTimeImmutable($due, $berlin), new DateTimeImmutable($now, $berlin)))->daysLeft());
    }

    public function test_a_day_stored_without_a_zone_is_a_day_of_the_studio(): void
    {
        $auckland = new DateTimeImmutable('2026-11-30 01:00', new DateTimeZone('Pacific/Auckland'));
        self::assertSame(0, (new Deadline(new DateTimeImmutable('2026-11-30', new DateTimeZone('UTC')), $auckland))->daysLeft());
    }

    #[TestWith(['2026-11-28', 9, true], 'over, one left')]
    #[TestWith(['2026-11-28', 10, false], 'over, all signed')]
    #[TestWith(['2026-11-29', 9, false], 'the day itself')]
    public function test_a_job_is_late_once_its_day_is_over_and_something_is_left(string $due, int $signed, bool $late): void
    {
        self::assertSame($late, self::deadline($due, '2026-11-29')->isMissed(10, $signed));
    }

    private static function deadline(string $due, string $today): Deadline
    {
        return new Deadline(new DateTimeImmutable($due), new DateTimeImmutable($today));
    }
}
