<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Core\Plan\BenchHours;
use Core\Plan\BenchWork;
use Core\Plan\DaysAway;
use Core\Plan\DaysBackwards;
use Core\Plan\PainterPlan;
use Core\Plan\PainterRun;
use Core\Plan\Pause;
use Core\Plan\Sitting;
use Core\Plan\Stretch;
use Core\Schedule\BatchPath;
use Core\Schedule\BatchTimes;
use Core\Schedule\Coats;
use Core\Schedule\Laying;
use Core\Standard\OutOfRange;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\LaidCoats;

/** A painter through the sittings of a week, worked by hand; and what must hold of every plan, on made-up ones. Monday is the 7th. */
final class PainterRunTest extends TestCase
{
    private const BASE = ['cloth' => [['technique' => 'base']]];

    private const BASE_AND_WASH = ['cloth' => [['technique' => 'base'], ['technique' => 'wash']]];

    public function test_work_goes_over_sittings_and_leaves_out_days_away_and_days_without_hours(): void
    {
        // Four figures of 25 minutes, an hour a day from nine, not on Wednesday: 60 on Monday, 40 on Thursday. Tuesday is away.
        $hours = new BenchHours([1 => 60.0, 2 => 60.0, 4 => 60.0], 540, [new DaysAway(self::at('2026-12-08'), self::at('2026-12-08'))]);
        $plan = self::plan($hours, [self::work('coats', LaidCoats::of(self::BASE, ['coat base' => new Laying(25)]), 4)]);

        self::assertSame([['coats', '7 09:00', '7 10:00'], ['coats', '10 09:00', '10 09:40']], self::words($plan));
        self::assertEquals(self::at('2026-12-10 09:40'), $plan->ends['coats']);
        self::assertCount(2, $plan->sittings, 'the third figure is broken off at ten and goes on on Thursday');
    }

    public function test_drying_is_filled_with_other_work_and_waited_for_only_where_there_is_none(): void
    {
        $slow = LaidCoats::of(self::BASE_AND_WASH, ['coat base' => new Laying(10, 1, 30), 'coat wash' => new Laying(5)]);
        $other = LaidCoats::of(self::BASE, ['coat base' => new Laying(20)]);
        $alone = self::plan(self::everyDay(120), [self::work('slow', $slow, 1)]);
        $both = self::plan(self::everyDay(120), [self::work('slow', $slow, 1), self::work('other', $other, 1)]);

        self::assertSame([['slow', '7 09:00', '7 09:10'], ['slow', '7 09:10', '7 09:40', 'waits'], ['slow', '7 09:40', '7 09:45']], self::words($alone));
        self::assertSame([['slow', '7 09:00', '7 09:10'], ['other', '7 09:10', '7 09:30'], ['slow', '7 09:30', '7 09:40', 'waits'], ['slow', '7 09:40', '7 09:45']], self::words($both));
        self::assertSame([30.0, 10.0], [$alone->waiting(), $both->waiting()]);
    }

    public function test_nights_dry_everything_and_a_sitting_ends_rather_than_being_waited_out(): void
    {
        $plan = self::plan(self::everyDay(20), [self::work('slow', LaidCoats::of(self::BASE_AND_WASH, ['coat base' => new Laying(10, 1, 30), 'coat wash' => new Laying(5)]), 1)]);

        self::assertSame([['slow', '7 09:00', '7 09:10'], ['slow', '8 09:00', '8 09:05']], self::words($plan));
    }

    public function test_what_is_due_first_goes_first_and_a_coat_goes_over_all_figures_before_another_work_is_taken_up(): void
    {
        $coats = LaidCoats::of(self::BASE, ['coat base' => new Laying(10)]);
        $works = [self::work('whenever', $coats, 1), self::work('late', $coats, 1, '2026-12-20'), self::work('soon', $coats, 2, '2026-12-09')];

        self::assertSame(['soon', 'late', 'whenever'], array_column(self::words(self::plan(self::everyDay(120), $works)), 0));
    }

    public function test_what_is_laid_wet_into_another_is_not_broken_off(): void
    {
        $go = LaidCoats::of(['cloth' => [['technique' => 'wash'], ['technique' => 'decal']]], ['coat wash' => new Laying(20), 'coat decal' => new Laying(15)]);
        $small = self::work('small', LaidCoats::of(self::BASE, ['coat base' => new Laying(12)]), 1);

        self::assertSame(
            [['go', '7 09:00', '7 09:35'], ['small', '7 09:35', '7 09:47'], ['go', '8 09:00', '8 09:35']],
            self::words(self::plan(self::everyDay(60), [self::work('go', $go, 2, '2026-12-09'), $small])), 'the 25 minutes that are left are too few for the second',
        );
        self::assertSame(
            [['go', '7 09:00', '7 09:30'], ['go', '8 09:00', '8 09:05']],
            self::words(self::plan(self::everyDay(30), [self::work('go', $go, 1)])), 'no sitting is long enough, so it cannot be helped',
        );
    }

    public function test_what_was_laid_is_not_laid_again_and_dries_from_then_on(): void
    {
        $coats = LaidCoats::of(self::BASE_AND_WASH, ['coat base' => new Laying(10, 1, 30), 'coat wash' => new Laying(5)]);
        $work = new BenchWork('slow', $coats, 2, [0, 1], [0 => [self::at('2026-12-07 08:00'), self::at('2026-12-07 09:12')]]);

        self::assertSame(10.0, $work->minutes);
        self::assertSame([['slow', '7 09:00', '7 09:05'], ['slow', '7 09:05', '7 09:12', 'waits'], ['slow', '7 09:12', '7 09:17']], self::words(self::plan(self::everyDay(60), [$work])));
        $done = new BenchWork('done', $coats, 1, [0, 1], [0 => [self::at('2026-12-06')], 1 => [self::at('2026-12-06')]]);
        self::assertEquals(['done' => self::monday()], self::plan(self::everyDay(60), [$done])->ends, 'all of it is laid');
    }

    public function test_each_other_paint_takes_its_minutes_and_each_sitting_begins_with_one(): void
    {
        $coats = LaidCoats::of(self::BASE_AND_WASH, ['coat base' => new Laying(10, 1, 0, 'red'), 'coat wash' => new Laying(5, 1, 0, 'dark')]);
        $plan = (new PainterRun(self::everyDay(20), self::monday(), 3))->plan([self::work('red', $coats, 2)]);

        // 3 and 10, of the second figure 7; next day red again, the 3 that are left, dark, and both washes.
        self::assertSame([['red', '7 09:00', '7 09:20'], ['red', '8 09:00', '8 09:19']], self::words($plan));
        self::assertSame([3.0, 6.0], array_map(static fn (Stretch $stretch): float => $stretch->changing, $plan->stretches));
        self::assertSame([[0], [0, 1]], array_map(static fn (Stretch $stretch): array => $stretch->items, $plan->stretches));
    }

    public function test_a_work_is_stayed_with_while_some_of_it_may_be_laid_and_for_as_long_as_a_change_there_and_back_takes(): void
    {
        $slow = LaidCoats::of(self::BASE_AND_WASH, ['coat base' => new Laying(10, 1, 4), 'coat wash' => new Laying(5)]);

        self::assertSame([['slow', '7 09:00', '7 09:10'], ['more', '7 09:10', '7 09:35'], ['slow', '7 09:35', '7 09:40']], self::slowAndMore($slow, 1), 'its belt too, though the first is dry by half past');
        self::assertSame([['slow', '7 09:00', '7 09:10'], ['slow', '7 09:10', '7 09:14', 'waits'], ['slow', '7 09:14', '7 09:19'], ['more', '7 09:19', '7 09:44']], self::slowAndMore($slow, 2), 'four minutes are what it takes to change and to change back');
    }

    /** @return list<list<string>> */
    private static function slowAndMore(Coats $slow, float $change): array
    {
        $more = LaidCoats::of(['cloth' => [['technique' => 'base']], 'leather' => [['technique' => 'base']]], ['coat base' => new Laying(20), 'belt base' => new Laying(5)]);

        return self::words((new PainterRun(self::everyDay(120), self::monday(), $change))->plan([self::work('slow', $slow, 1), self::work('more', $more, 1)]));
    }

    public function test_who_has_no_hours_or_too_few_gets_no_date(): void
    {
        $work = self::work('coats', LaidCoats::of(self::BASE, ['coat base' => new Laying(10)]), 100);

        self::assertSame([[], []], [self::plan(new BenchHours([]), [$work])->ends, self::plan(new BenchHours([1 => 5.0]), [$work])->ends]);
        self::assertTrue((new BenchHours([1 => 0.0]))->none());
    }

    public function test_a_sitting_under_way_has_what_is_left_of_it_and_hours_hold_through_a_change_of_the_clock(): void
    {
        $zone = new DateTimeZone('Europe/London');
        $sittings = [];
        foreach ((new BenchHours([6 => 60.0, 7 => 60.0], 570))->sittings(new DateTimeImmutable('2026-10-24 10:00', $zone)) as $sitting) {
            $sittings[] = $sitting->from->format('j H:i').' '.$sitting->minutes;
            if (count($sittings) === 3) {
                break;
            }
        }

        // On the 25th the clock goes back an hour at two in the morning.
        self::assertSame(['24 10:00 30', '25 09:30 60', '31 09:30 60'], $sittings);
    }

    /**
     * @param  list<string>  $expected time of day, minutes and which of the day
     */
    #[DataProvider('breaks')]
    public function test_a_break_makes_two_sittings_of_a_day_that_goes_on_so_long(float $minutes, int $at, string $now, array $expected): void
    {
        $sittings = [];
        foreach ((new BenchHours([1 => $minutes], 540, [], new Pause($at, 45)))->sittings(new DateTimeImmutable("2026-12-07 {$now}", new DateTimeZone('UTC'))) as $sitting) {
            if ($sitting->from->format('Y-m-d') === '2026-12-07') {
                $sittings[] = "{$sitting->from->format('H:i')} {$sitting->minutes} {$sitting->ofDay}";
            }
        }

        self::assertSame($expected, $sittings);
    }

    /** @return iterable<string, array{float, int, string, list<string>}> */
    public static function breaks(): iterable
    {
        yield 'in the middle' => [360.0, 780, '08:00', ['09:00 240 1', '13:45 120 2']];
        yield 'the day ends with it' => [240.0, 780, '08:00', ['09:00 240 1']];
        yield 'after the day' => [200.0, 780, '08:00', ['09:00 200 1']];
        yield 'before the day' => [360.0, 500, '08:00', ['09:00 360 1']];
        yield 'as the day begins' => [360.0, 540, '08:00', ['09:00 360 1']];
        yield 'it is morning' => [360.0, 780, '10:00', ['10:00 180 1', '13:45 120 2']];
        yield 'it is the break' => [360.0, 780, '13:10', ['13:45 120 2']];
        yield 'it is afternoon' => [360.0, 780, '14:45', ['14:45 60 2']];
    }

    public function test_what_is_wet_dries_in_the_break(): void
    {
        $coats = LaidCoats::of(self::BASE, ['coat base' => new Laying(60, 2, 45)]);
        $plan = (new PainterRun(new BenchHours([1 => 60.0], 540, [], new Pause(570, 45)), self::monday()))->plan([self::work('coats', $coats, 1)]);

        self::assertSame(['10:45'], array_map(static fn (DateTimeImmutable $end): string => $end->format('H:i'), array_values($plan->ends)));
    }

    public function test_longer_hours_are_longer_only_on_days_that_have_some(): void
    {
        self::assertSame([1 => 90.0, 2 => 0.0, 3 => 900.0], (new BenchHours([1 => 60.0, 2 => 0.0, 3 => 890.0]))->longer(30)->minutes);
        self::assertSame([1 => 855.0], (new BenchHours([1 => 850.0], 540, [], new Pause(780, 45)))->longer(30)->minutes);
    }

    public function test_in_one_long_sitting_it_works_what_the_batch_takes_by_hand(): void
    {
        mt_srand(11);
        for ($turn = 0; $turn < 40; $turn++) {
            $coats = self::random();
            $figures = mt_rand(1, 5);
            $times = new BatchTimes($coats);
            $plan = self::plan(self::everyDay(900), [new BenchWork('one', $coats, $figures, array_keys($coats->all))]);

            self::assertLessThanOrEqual(($plan->ends['one']->getTimestamp() - self::monday()->getTimestamp()) / 60 + 1e-9, $times->along(BatchPath::StepByStep, $figures)->byHand);
            self::assertEqualsWithDelta($times->along(BatchPath::StepByStep, $figures)->byHand, self::worked($plan), 1e-6);
        }
    }

    public function test_of_every_plan_all_is_laid_once_nothing_overlaps_and_nothing_lies_outside_a_sitting(): void
    {
        mt_srand(5);
        for ($turn = 0; $turn < 60; $turn++) {
            $works = array_map(static fn (int $i): BenchWork => self::work("work {$i}", self::random(), mt_rand(1, 4), mt_rand(0, 1) === 0 ? null : '2026-12-'.mt_rand(10, 20)), range(1, mt_rand(1, 4)));
            $plan = self::plan(self::everyDay((float) mt_rand(15, 90)), $works);
            $all = array_sum(array_map(static fn (BenchWork $work): float => $work->minutes, $works));

            self::assertEqualsWithDelta($all, self::worked($plan), 0.1);
            self::assertCount(count($works), $plan->ends);
            $last = null;
            foreach ($plan->stretches as $stretch) {
                self::assertTrue($last === null || $stretch->from >= $last, 'one thing at a time');
                self::assertNotSame([], array_filter($plan->sittings, static fn (Sitting $sitting): bool => $sitting->from <= $stretch->from && $sitting->until >= $stretch->until));
                $last = $stretch->until;
            }
        }
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([static fn () => new BenchHours([8 => 10.0]), static fn () => new BenchHours([1 => -1.0]), static fn () => new BenchHours([1 => 901.0]), static fn () => new BenchHours([], 1440), static fn () => new BenchHours([1 => 856.0], 540, [], new Pause(780, 45)), static fn () => new Pause(1440, 10), static fn () => new Pause(-1, 10), static fn () => new Pause(780, 0), static fn () => new Pause(780, 1440), static fn () => new Sitting(self::monday(), 0.0)] as $wrong) {
            try {
                $wrong();
                self::fail('It is taken.');
            } catch (OutOfRange $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
        $this->expectException(DaysBackwards::class);
        new DaysAway(self::at('2026-12-08'), self::at('2026-12-07'));
    }

    private static function random(): Coats
    {
        $asked = ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base']]];

        return LaidCoats::of($asked, ['coat base' => new Laying(mt_rand(2, 40), mt_rand(1, 2), mt_rand(0, 60)), 'coat wash' => new Laying(mt_rand(1, 9), 1, mt_rand(0, 30)), 'belt base' => new Laying(mt_rand(1, 9), 1, mt_rand(0, 30))]);
    }

    private static function worked(PainterPlan $plan): float
    {
        return array_sum(array_map(static fn (Stretch $stretch): float => $stretch->isWaiting ? 0.0 : ($stretch->until->getTimestamp() - $stretch->from->getTimestamp()) / 60, $plan->stretches));
    }

    /** @param  list<BenchWork>  $works */
    private static function plan(BenchHours $hours, array $works): PainterPlan
    {
        return (new PainterRun($hours, self::monday()))->plan($works);
    }

    private static function work(string $id, Coats $coats, int $figures, ?string $due = null): BenchWork
    {
        return new BenchWork($id, $coats, $figures, array_keys($coats->all), [], $due === null ? null : self::at($due));
    }

    private static function everyDay(float $minutes): BenchHours
    {
        return new BenchHours(array_fill(1, 7, $minutes));
    }

    private static function monday(): DateTimeImmutable
    {
        return self::at('2026-12-07 09:00');
    }

    private static function at(string $moment): DateTimeImmutable
    {
        return new DateTimeImmutable($moment, new DateTimeZone('UTC'));
    }

    /** @return list<list<string>> */
    private static function words(PainterPlan $plan): array
    {
        return array_map(static fn (Stretch $stretch): array => [$stretch->work, $stretch->from->format('j H:i'), $stretch->until->format('j H:i'), ...($stretch->isWaiting ? ['waits'] : [])], $plan->stretches);
    }
}
