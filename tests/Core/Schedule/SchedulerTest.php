<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Schedule\Batch;
use Core\Schedule\BatchStep;
use Core\Schedule\Bound;
use Core\Schedule\Operation;
use Core\Schedule\Schedule;
use Core\Schedule\Scheduler;
use Core\Sequence\StepList;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\IntegerPrograms;
use Tests\Core\Support\RandomBatches;
use Tests\Core\Support\ScheduleProgram;

/** When each step is done on each model: by hand, by what must hold of every schedule, and against a solver. */
final class SchedulerTest extends TestCase
{
    /** @return iterable<string, array{int, list<array{float, float, float, list<int>}>, float, float}> models, steps as minutes, setup, drying and what they wait for; makespan, idle */
    public static function cases(): iterable
    {
        yield 'one step on one model' => [1, [[4, 2, 30, []]], 6, 0];
        yield 'one step on ten: set up once, and the last need not dry' => [10, [[4, 2, 30, []]], 42, 0];
        // 1 + 3 × 4, then 1 set up in the wait until the first is dry at 5 + 9 = 14, and 3 × 4.
        yield 'too few to fill the drying' => [3, [[4, 1, 9, []], [4, 1, 0, [0]]], 26, 0];
        // The fourth fills it: 1 + 16, then 1 + 16.
        yield 'enough to fill it' => [4, [[4, 1, 9, []], [4, 1, 0, [0]]], 34, 0];
        // 1 + 4 on one, and nothing to do but set up for 1 until 5 + 9.
        yield 'one alone waits' => [1, [[4, 1, 9, []], [4, 1, 0, [0]]], 18, 8];
        yield 'the wait is filled with another area' => [1, [[4, 1, 9, []], [4, 1, 0, [0]], [5, 1, 0, []]], 18, 2];
        yield 'what dries longest comes first' => [1, [[5, 0, 0, []], [2, 0, 20, []], [3, 0, 0, [1]]], 25, 15];
    }

    /** @param  list<array{float, float, float, list<int>}>  $steps */
    #[DataProvider('cases')]
    public function test_by_hand(int $models, array $steps, float $makespan, float $idle): void
    {
        $made = array_map(static fn (array $step, int $i): BatchStep => new BatchStep("s{$i}", $step[0], $step[1], $step[2]), $steps, array_keys($steps));
        $list = StepList::of(array_map(static fn (array $step, int $i): array => ['id' => "s{$i}", 'after' => array_map(static fn (int $j): string => "s{$j}", $step[3])], $steps, array_keys($steps)));
        $schedule = self::shortest(new Batch($models, $made, $list));

        self::assertEqualsWithDelta($makespan, $schedule->makespan, 1e-9);
        self::assertEqualsWithDelta($idle, $schedule->idle, 1e-9);
    }

    #[TestWith([1, 1])]
    #[TestWith([2, 5])]
    #[TestWith([3, 4])]
    #[TestWith([7, 9])]
    #[TestWith([20, 12])]
    #[TestWith([60, 60])]
    #[Group('many')]
    public function test_what_must_hold_of_every_schedule(int $models, int $steps): void
    {
        for ($seed = 0; $seed < ($models > 20 ? 1 : 8); $seed++) {
            $batch = RandomBatches::make($seed, $models, $steps);
            $schedule = self::shortest($batch);
            $this->assertHolds($batch, $schedule);
            self::assertGreaterThanOrEqual((new Bound($batch))->minutes - 1e-6, $schedule->makespan);
        }
    }

    public function test_the_bound_is_at_least_all_work_and_one_setup_a_step(): void
    {
        for ($seed = 0; $seed < 40; $seed++) {
            $batch = RandomBatches::make($seed, 1 + $seed % 9, 1 + $seed % 11);

            self::assertGreaterThanOrEqual($batch->work + array_sum(array_map(static fn (BatchStep $step): float => $step->setup, $batch->steps)) - 1e-9, (new Bound($batch))->minutes);
        }
    }

    #[Group('many')]
    public function test_a_solver_of_integer_programs_finds_none_shorter_of_small_batches(): void
    {
        $programs = $found = $bounds = [];
        foreach ([[1, 4], [2, 2], [2, 3], [3, 2]] as [$models, $steps]) {
            for ($seed = 0; $seed < 4; $seed++) {
                $batch = RandomBatches::make(100 + $seed, $models, $steps);
                $programs[] = ScheduleProgram::of($batch);
                $found[] = self::shortest($batch)->makespan;
                $bounds[] = (new Bound($batch))->minutes;
            }
        }

        foreach (IntegerPrograms::solved($programs) as $i => $least) {
            self::assertEqualsWithDelta($least, $found[$i], 1e-4, "batch {$i}");
            self::assertLessThanOrEqual($least + 1e-4, $bounds[$i], "batch {$i}");
        }
    }

    public function test_up_to_three_models_and_four_steps_no_order_of_the_operations_is_shorter(): void
    {
        for ($seed = 0; $seed < 12; $seed++) {
            $batch = RandomBatches::make(300 + $seed, 1 + $seed % 3, 2 + $seed % 2);

            self::assertEqualsWithDelta(self::ofEveryOrder($batch, [], INF), self::shortest($batch)->makespan, 1e-9, "batch {$seed}");
        }
    }

    #[TestWith([30, 4, 9])]
    #[TestWith([28, 4, 8])]
    #[TestWith([0.3, 0.1, 4])]
    #[TestWith([0.5, 4, 2])]
    public function test_models_for_which_the_first_is_dry_when_the_last_is_done(float $dry, float $minutes, int $models): void
    {
        self::assertSame($models, (new BatchStep('wash', $minutes, 0, $dry))->modelsForNoWait());
    }

    public function test_what_need_not_dry_asks_for_no_batch(): void
    {
        self::assertNull((new BatchStep('line', 3))->modelsForNoWait());
    }

    public function test_nothing_to_do_takes_no_time(): void
    {
        $schedule = self::shortest(new Batch(3, [], StepList::of([])));

        self::assertSame([0.0, 0.0, []], [$schedule->makespan, $schedule->idle, $schedule->operations]);
    }

    #[TestWith([0.0, 0.0, 0.0])]
    #[TestWith([1.0, -0.1, 0.0])]
    #[TestWith([1.0, 0.0, -0.1])]
    public function test_a_step_takes_some_time(float $minutes, float $setup, float $dry): void
    {
        $this->expectException(OutOfRange::class);
        new BatchStep('wash', $minutes, $setup, $dry);
    }

    private static function shortest(Batch $batch): Schedule
    {
        return (new Scheduler)->shortest($batch, new Bound($batch));
    }

    private function assertHolds(Batch $batch, Schedule $schedule): void
    {
        $ends = [];
        $now = 0.0;
        $last = null;
        foreach ($schedule->operations as $one) {
            $step = $batch->steps[$one->step];
            self::assertGreaterThanOrEqual($now + ($one->step === $last ? 0.0 : $step->setup) - 1e-6, $one->start, 'one at a time, set up before');
            self::assertEqualsWithDelta($step->minutes, $one->end - $one->start, 1e-9, 'not interrupted');
            foreach ($batch->list->before[$one->step] as $before) {
                self::assertGreaterThanOrEqual($ends[$one->model][$before] + $batch->steps[$before]->dry - 1e-6, $one->start, 'dry');
            }
            self::assertArrayNotHasKey($one->step, $ends[$one->model] ?? [], 'once');
            [$ends[$one->model][$one->step], $now, $last] = [$one->end, $one->end, $one->step];
        }
        self::assertCount($batch->models * count($batch->steps), $schedule->operations);
        self::assertSame($now, $schedule->makespan);
        self::assertEqualsWithDelta($schedule->makespan, $batch->work + $schedule->setups + $schedule->idle, 1e-6);
    }

    /** @param  list<Operation>  $done */
    private static function ofEveryOrder(Batch $batch, array $done, float $best): float
    {
        $ends = [];
        foreach ($done as $one) {
            $ends[$one->model][$one->step] = $one->end;
        }
        $last = $done === [] ? null : $done[count($done) - 1];
        if (count($done) === $batch->models * count($batch->steps)) {
            return $last->end ?? 0.0;
        }
        for ($model = 1; $model <= $batch->models; $model++) {
            foreach ($batch->steps as $i => $step) {
                $start = ($last->end ?? 0.0) + ($last?->step === $i ? 0.0 : $step->setup);
                foreach ($batch->list->before[$i] as $before) {
                    $start = max($start, isset($ends[$model][$before]) ? $ends[$model][$before] + $batch->steps[$before]->dry : INF);
                }
                if (! isset($ends[$model][$i]) && $start + $step->minutes < $best) {
                    $best = min($best, self::ofEveryOrder($batch, [...$done, new Operation($i, $model, $start, $start + $step->minutes)], $best));
                }
            }
        }

        return $best;
    }
}
