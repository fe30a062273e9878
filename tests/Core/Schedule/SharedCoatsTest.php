<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Plan\BenchWork;
use Core\Schedule\BatchPath;
use Core\Schedule\BatchTimes;
use Core\Schedule\Coat;
use Core\Schedule\Laying;
use Core\Schedule\SharedCoats;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\LaidCoats;

/** Coats of figures of one sheet that differ in some of its lines, worked by hand. */
final class SharedCoatsTest extends TestCase
{
    /** All have a base of 4 that dries for 10 and a decal of 1; of the leader alone the coat is washed between them, 2 and 30 to dry. */
    public function test_a_coat_that_one_lacks_keeps_nobody_waiting_who_does_not_have_it(): void
    {
        $shared = self::fileAndLeader(2);

        self::assertSame([[0, 4.0, 10.0, []], [1, 2.0, 30.0, [0]], [2, 1.0, 0.0, [0, 1]]], array_map(static fn (Coat $coat): array => [$coat->item, $coat->minutes, $coat->dry, $coat->after], $shared->coats->all));
        self::assertSame([3, [1 => [0, 1]]], [$shared->figures, $shared->lacking]);

        // Bases end at 4, 8 and 12. The decals of the two come at 14 and 18, when their bases are dry; the leader is washed from 22, dry at 54.
        $time = (new BatchTimes($shared->coats, $shared->lacking))->along(BatchPath::StepByStep, 3);
        self::assertSame([17.0, 55.0], [$time->byHand, $time->elapsed]);
    }

    public function test_what_some_lay_wet_into_wet_is_no_one_go_for_the_others(): void
    {
        $asked = ['cloth' => [['technique' => 'wash'], ['technique' => 'decal']]];
        $layings = ['coat wash' => new Laying(2, 1, 30), 'coat decal' => new Laying(1)];
        $wet = LaidCoats::of($asked, $layings);
        $washed = LaidCoats::of(['cloth' => [['technique' => 'wash']]], $layings);
        $shared = SharedCoats::of([['coats' => $wet, 'lines' => [0, 1], 'figures' => [1]], ['coats' => $washed, 'lines' => [0], 'figures' => [0]]]);

        self::assertSame([[2.0, false], [3.0, true]], array_map(static fn (Coat $coat): array => [$coat->minutes, $coat->isOneGo], $shared->coats->all));
        self::assertSame([0 => [1], 1 => [0]], $shared->lacking);
    }

    public function test_a_coat_takes_in_the_mean_what_it_takes_on_each(): void
    {
        $coats = static fn (float $minutes) => LaidCoats::of(['cloth' => [['technique' => 'base']]], ['coat base' => new Laying($minutes, 2, 10)]);
        $shared = SharedCoats::of([['coats' => $coats(4), 'lines' => [0], 'figures' => [0, 1, 2]], ['coats' => $coats(8), 'lines' => [0], 'figures' => [3]]]);

        // Two coats: of three figures 2 each, of one 4.
        self::assertSame([2.5, 2.5], array_map(static fn (Coat $coat): float => $coat->minutes, $shared->coats->all));
        self::assertSame([], $shared->lacking);
    }

    public function test_what_is_left_of_a_work_leaves_out_what_a_figure_does_not_have(): void
    {
        $shared = self::fileAndLeader(2);
        $work = new BenchWork('sheet', $shared->coats, 3, [0, 1, 2], [0 => [1 => new \DateTimeImmutable('2026-11-30 09:00')]], null, $shared->lacking);

        self::assertSame([[0, 2], [2], [0, 1, 2]], array_map($work->open(...), [0, 1, 2]));
        self::assertSame(4.0 * 2 + 2.0 + 1.0 * 3, $work->minutes);
    }

    /** @param  int  $leader place of the leader */
    private static function fileAndLeader(int $leader): SharedCoats
    {
        $layings = ['coat base' => new Laying(4, 1, 10), 'coat wash' => new Laying(2, 1, 30), 'coat decal' => new Laying(1)];
        $plain = LaidCoats::of(['cloth' => [['technique' => 'base'], ['technique' => 'decal']]], $layings, []);
        $rich = LaidCoats::of(['cloth' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'decal']]], $layings, []);

        return SharedCoats::of([['coats' => $plain, 'lines' => [0, 2], 'figures' => [0, 1]], ['coats' => $rich, 'lines' => [0, 1, 2], 'figures' => [$leader]]]);
    }
}
