<?php

declare(strict_types=1);

namespace Tests\Core\Assignment;

use Core\Assignment\Assigning;
use Core\Assignment\Assignment;
use Core\Assignment\PainterRoom;
use Core\Assignment\Task;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Who should do what, worked by hand and against all ways that there are. */
final class AssigningTest extends TestCase
{
    private const ISLA = 3;

    private const JORY = 4;

    public function test_what_would_be_late_goes_to_who_has_time_for_it(): void
    {
        // Isla has 100 minutes until the first day, Jory 40; both have 400 in all.
        $painters = [new PainterRoom(self::ISLA, [100, 400], 400), new PainterRoom(self::JORY, [40, 400], 400)];
        $tasks = [self::task('ranks', 0, 90), self::task('leader', 0, 40), self::task('beast', 1, 200)];
        $found = (new Assigning($tasks, $painters))->find();

        self::assertTrue($found->isBest);
        self::assertSame(0.0, $found->assignment->late);
        self::assertEquals(['ranks' => self::ISLA, 'leader' => self::JORY, 'beast' => self::JORY], $found->assignment->of);
    }

    public function test_where_nobody_has_the_time_least_is_late(): void
    {
        $painters = [new PainterRoom(self::ISLA, [50], 50), new PainterRoom(self::JORY, [20], 20)];
        $found = (new Assigning([self::task('one', 0, 60), self::task('other', 0, 30)], $painters))->find()->assignment;

        self::assertSame([10.0 + 10.0, ['one' => self::ISLA, 'other' => self::JORY]], [$found->late, array_replace(['one' => 0, 'other' => 0], $found->of)]);
    }

    public function test_what_has_no_date_makes_nobody_late_and_evens_them_out(): void
    {
        $painters = [new PainterRoom(self::ISLA, [], 600, 300), new PainterRoom(self::JORY, [], 600)];
        $found = (new Assigning([self::task('a', null, 100), self::task('b', null, 100)], $painters))->find()->assignment;

        self::assertEquals(['a' => self::JORY, 'b' => self::JORY], $found->of);
        self::assertSame(0.0, $found->late);
    }

    public function test_it_is_given_to_nobody_who_is_not_asked_and_left_where_nobody_is(): void
    {
        $painters = [new PainterRoom(self::ISLA, [500], 500), new PainterRoom(self::JORY, [500], 500)];
        $found = (new Assigning([new Task('freehand', 0, [self::JORY => 300.0]), new Task('gilding', 0, []), new Task('5', 0, [self::ISLA => 10.0, self::JORY => 10.0])], $painters))->find()->assignment;

        self::assertEquals(['freehand' => self::JORY, '5' => self::ISLA], $found->of);
    }

    public function test_who_is_late_already_is_given_no_more(): void
    {
        $painters = [new PainterRoom(self::ISLA, [-30, 1000], 1000), new PainterRoom(self::JORY, [10, 10], 10)];
        $found = (new Assigning([self::task('one', 0, 10)], $painters))->find()->assignment;

        self::assertEquals(['one' => self::JORY], $found->of);
        self::assertSame(30.0, $found->late, 'as late as before');
    }

    public function test_minutes_are_at_least_none(): void
    {
        $this->expectException(OutOfRange::class);
        new Task('less', null, [self::ISLA => -1.0]);
    }

    public function test_it_stops_at_so_many_ways_and_says_so(): void
    {
        $painters = array_map(static fn (int $id): PainterRoom => new PainterRoom($id, [100], 100), range(1, 4));
        $tasks = array_map(static fn (int $at): Task => new Task("t{$at}", 0, array_fill_keys(range(1, 4), 31.0 + 7 * $at % 13)), range(1, 14));
        $short = (new Assigning($tasks, $painters, 50))->find();

        self::assertFalse($short->isBest);
        self::assertCount(14, $short->assignment->of);
    }

    /** Two painters of whom the plain first choice is wrong: mended by exchanging two. */
    public function test_an_exchange_of_two_is_found_without_going_through_all_ways(): void
    {
        $painters = [new PainterRoom(self::ISLA, [70], 70), new PainterRoom(self::JORY, [60], 60)];
        $tasks = [self::task('a', 0, 40), self::task('b', 0, 35), self::task('c', 0, 30), self::task('d', 0, 25)];

        self::assertSame(0.0, (new Assigning($tasks, $painters, 1))->find()->assignment->late);
    }

    #[DataProvider('studios')]
    public function test_no_other_way_is_better(int $of): void
    {
        [$tasks, $painters] = self::studio(new Randomizer(new Mt19937($of)));
        $found = (new Assigning($tasks, $painters))->find();
        $best = self::bruteForce($tasks, $painters, []);

        self::assertTrue($found->isBest);
        self::assertEqualsWithDelta([$best->late, $best->fill], [$found->assignment->late, $found->assignment->fill], 1e-6);
        $weighed = Assignment::weigh($tasks, $painters, $found->assignment->of);
        self::assertSame([$weighed->late, $weighed->fill], [$found->assignment->late, $found->assignment->fill]);
    }

    /** @return iterable<string, array{int}> */
    public static function studios(): iterable
    {
        for ($of = 1; $of <= 120; $of++) {
            yield "made-up studio {$of}" => [$of];
        }
    }

    private static function task(string $id, ?int $due, float $minutes): Task
    {
        return new Task($id, $due, [self::ISLA => $minutes, self::JORY => $minutes]);
    }

    /** @return array{list<Task>, list<PainterRoom>} */
    private static function studio(Randomizer $random): array
    {
        $days = $random->getInt(1, 3);
        $painters = [];
        for ($id = 1; $id <= $random->getInt(2, 3); $id++) {
            $free = [];
            for ($day = 0; $day < $days; $day++) {
                $free[] = ($free[$day - 1] ?? (float) $random->getInt(-40, 60)) + $random->getInt(0, 200);
            }
            $painters[] = new PainterRoom($id, $free, $free[$days - 1] + $random->getInt(0, 100), $random->getInt(0, 120));
        }
        $tasks = [];
        for ($at = 0; $at < $random->getInt(1, 7); $at++) {
            $minutes = [];
            foreach ($painters as $painter) {
                if ($random->getInt(0, 4) > 0) {
                    $minutes[$painter->id] = (float) $random->getInt(0, 180);
                }
            }
            $tasks[] = new Task("task {$at}", $random->getInt(0, 3) === 0 ? null : $random->getInt(0, $days - 1), $minutes);
        }

        return [$tasks, $painters];
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<PainterRoom>  $painters
     * @param  array<array-key, int>  $of
     */
    private static function bruteForce(array $tasks, array $painters, array $of): Assignment
    {
        foreach ($tasks as $task) {
            if ($task->minutes !== [] && ! isset($of[$task->id])) {
                $best = null;
                foreach (array_keys($task->minutes) as $painter) {
                    $one = self::bruteForce($tasks, $painters, [$task->id => $painter] + $of);
                    $best = $best === null || $one->isBetterThan($best) ? $one : $best;
                }

                return $best;
            }
        }

        return Assignment::weigh($tasks, $painters, $of);
    }
}
