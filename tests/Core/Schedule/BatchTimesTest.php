<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Schedule\Batch;
use Core\Schedule\BatchPath;
use Core\Schedule\BatchStep;
use Core\Schedule\BatchTimes;
use Core\Schedule\Bound;
use Core\Schedule\Coats;
use Core\Schedule\Laying;
use Core\Schedule\Scheduler;
use Core\Sequence\StepList;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\LaidCoats;
use Tests\Core\Support\PaintedOrder;

/** What a batch takes by hand and on the clock, worked by hand, and held against the scheduler, which may lay the coats otherwise. */
final class BatchTimesTest extends TestCase
{
    /**
     * A base of 4 minutes that dries for 10, and a wash of 1 minute. Alone one waits 10. On three figures the bases end at 4, 8
     * and 12 and are dry at 14, 18 and 22: one waits 2 for the first, and then 3 and 3, for a wash is done in one of the four
     * minutes. On eleven the first wash is begun at 44, the last at 54, when its base is dry.
     */
    #[TestWith([1, 5.0, 10.0, 2])]
    #[TestWith([3, 15.0, 8.0, 2])]
    #[TestWith([11, 55.0, 0.0, 2])]
    public function test_step_by_step_the_other_figures_fill_the_drying(int $figures, float $byHand, float $waiting, int $changes): void
    {
        $time = self::baseAndWash()->along(BatchPath::StepByStep, $figures);

        self::assertSame([$byHand, $waiting, $byHand + $waiting, $changes], [$time->byHand, $time->waiting, $time->elapsed, $time->changes]);
    }

    /**
     * Six figures, worked by hand. Step by step the bases end at 24, when four are dry; one waits 2 and 3 for the others. Figure
     * by figure the first wash is laid at 16, when it is its turn again: base four times, wash, base, two washes, base, three washes.
     */
    #[TestWith([BatchPath::StepByStep, 5.0, 2])]
    #[TestWith([BatchPath::FigureByFigure, 8.0, 6])]
    public function test_figure_by_figure_the_paints_change_more_often(BatchPath $path, float $waiting, int $changes): void
    {
        $time = self::baseAndWash()->along($path, 6);

        self::assertSame([30.0, $waiting, 30.0 + $waiting, $changes], [$time->byHand, $time->waiting, $time->elapsed, $time->changes]);
    }

    public function test_what_dries_long_is_best_begun_early_and_is_named(): void
    {
        $asked = ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base'], ['technique' => 'wash']]];
        $layings = ['coat base' => new Laying(20, 1, 10), 'coat wash' => new Laying(20), 'belt base' => new Laying(2, 1, 240), 'belt wash' => new Laying(1)];
        $time = self::times($asked, $layings)->along(BatchPath::StepByStep, 1);

        // 2, then 40 of the coat while it dries, then 1 at 242.
        self::assertSame([43.0, 200.0, 2], [$time->byHand, $time->waiting, $time->early], 'the belt is third on the sheet');
        self::assertNull(self::baseAndWash()->along(BatchPath::StepByStep, 3)->early);
    }

    /**
     * The mail waits 10 for its dust. A coat that borders on it comes after that; of another nothing is known, and it fills five of them.
     *
     * @param  list<string>  $neighbours of the coat
     */
    #[TestWith([['mail'], 10.0])]
    #[TestWith([[], 5.0])]
    public function test_nothing_overtakes_the_messy_work_beside_it(array $neighbours, float $waiting): void
    {
        $areas = [PaintedOrder::area('coat', 'cloth', 1, $neighbours), PaintedOrder::area('mail', 'metal', 0)];
        $order = new PaintedOrder(
            [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('dust', 'light', 'semi', true)],
            ['cloth' => [['technique' => 'base']], 'metal' => [['technique' => 'base'], ['technique' => 'dust']]], $areas,
        );
        self::assertSame(['mail base', 'mail dust', 'coat base'], $order->words());
        $coats = Coats::of($order->work->items, [new Laying(1, 1, 10), new Laying(1), new Laying(5)], new FigureType('Small', SizeClass::Foot, $areas));

        self::assertSame($waiting, (new BatchTimes($coats))->along(BatchPath::StepByStep, 1)->waiting);
    }

    public function test_coats_dry_between_each_other(): void
    {
        // Three coats of 2 minutes that dry for 10: two waits of 10 between them.
        $time = self::times(['cloth' => [['technique' => 'base']]], ['coat base' => new Laying(6, 3, 10, 'red')])->along(BatchPath::StepByStep, 1);

        self::assertSame([6.0, 20.0, 1], [$time->byHand, $time->waiting, $time->changes]);
    }

    public function test_another_area_is_painted_while_one_dries(): void
    {
        $asked = ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base']]];
        $layings = ['coat base' => new Laying(4, 1, 10, 'red'), 'coat wash' => new Laying(1, 1, 0, 'dark'), 'belt base' => new Laying(7, 1, 0, 'brown')];

        self::assertSame(3.0, self::times($asked, $layings)->along(BatchPath::StepByStep, 1)->waiting);
    }

    public function test_what_goes_over_the_whole_figure_waits_for_all_that_it_lies_on(): void
    {
        $asked = ['whole' => [['technique' => 'wash', 'except' => ['leather']]], 'cloth' => [['technique' => 'base']], 'leather' => [['technique' => 'base']]];
        $layings = ['coat base' => new Laying(1, 1, 10), 'belt base' => new Laying(1, 1, 100), 'figure wash' => new Laying(1)];

        self::assertSame(9.0, self::times($asked, $layings)->along(BatchPath::StepByStep, 1)->waiting, 'for the coat, of which the belt fills one: it is kept free of it');
    }

    public function test_what_is_laid_wet_into_another_is_one_go_and_dries_as_itself(): void
    {
        $asked = ['cloth' => [['technique' => 'wash'], ['technique' => 'decal'], ['technique' => 'base']]];
        $layings = ['coat wash' => new Laying(1, 1, 50, 'dark'), 'coat decal' => new Laying(2, 1, 10), 'coat base' => new Laying(1, 1, 0, 'red')];
        $times = self::times($asked, $layings);

        self::assertSame([12.0, 10.0], [$times->along(BatchPath::StepByStep, 3)->byHand, $times->along(BatchPath::StepByStep, 1)->waiting]);
        self::assertSame(9.0, $times->along(BatchPath::StepByStep, 2)->waiting, 'the second figure fills three minutes of the ten: its wash with its decal; then it is two behind');
    }

    #[Group('many')]
    public function test_the_scheduler_which_may_choose_its_order_is_never_later(): void
    {
        mt_srand(7);
        for ($turn = 0; $turn < 60; $turn++) {
            $steps = $layings = $after = [];
            foreach (['base', 'wash', 'decal'] as $i => $technique) {
                [$minutes, $dry] = [mt_rand(1, 9), mt_rand(0, 30)];
                $layings["coat {$technique}"] = new Laying($minutes, 1, $dry);
                $steps[] = new BatchStep($technique, $minutes, 0, $dry);
                $after[] = ['id' => $technique, 'after' => $i === 0 ? [] : [['base', 'wash'][$i - 1]]];
            }
            $figures = mt_rand(1, 3);
            $times = self::times(['cloth' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'decal']]], $layings, wet: []);
            $batch = new Batch($figures, $steps, StepList::of($after));
            $best = (new Scheduler)->shortest($batch, new Bound($batch))->makespan;

            foreach (BatchPath::cases() as $path) {
                self::assertLessThanOrEqual($times->along($path, $figures)->elapsed + 1e-9, $best);
            }
            $figures > 1 || self::assertEqualsWithDelta($times->along(BatchPath::StepByStep, 1)->elapsed, $best, 1e-9, 'of one figure there is one way');
        }
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([static fn () => new Laying(-1), static fn () => new Laying(1, 0), static fn () => new Laying(1, 1, -1), static fn () => self::baseAndWash()->along(BatchPath::StepByStep, 0)] as $wrong) {
            try {
                $wrong();
                self::fail('It is taken.');
            } catch (OutOfRange $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }

    private static function baseAndWash(): BatchTimes
    {
        return self::times(['cloth' => [['technique' => 'base'], ['technique' => 'wash']]], ['coat base' => new Laying(4, 1, 10, 'red'), 'coat wash' => new Laying(1, 1, 0, 'dark')]);
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $asked by surface
     * @param  array<string, Laying>  $layings by step
     * @param  list<string>  $wet what a decal is laid into
     */
    private static function times(array $asked, array $layings, array $wet = ['wash']): BatchTimes
    {
        return new BatchTimes(LaidCoats::of($asked, $layings, $wet));
    }
}
