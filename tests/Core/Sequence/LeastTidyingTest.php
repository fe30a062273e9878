<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Sequence\TidySettings;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\EveryOrder;
use Tests\Core\Support\HandSteps;
use Tests\Core\Support\IntegerPrograms;
use Tests\Core\Support\RandomFigures;
use Tests\Core\Support\TidyProgram;

/** Orders of made-up figures, held against all orders there are, and against a solver that knows nothing of ours. */
final class LeastTidyingTest extends TestCase
{
    private const FIXED = 0.7;

    private const SHARE = 0.2;

    public function test_no_other_order_of_few_steps_has_less_and_of_those_with_as_little_it_is_the_preferred(): void
    {
        $tidied = 0;
        foreach ($this->figures(range(1, 400), 4, 8) as $seed => [$work, $type]) {
            $hand = new HandSteps($work, $type);
            $every = new EveryOrder($hand->steps, $hand->edges, $hand->neighbours, $hand->over, self::FIXED, self::SHARE);

            self::assertSame($every->best(), $hand->order, "figure {$seed}");
            self::assertEqualsWithDelta($every->minutes($hand->order), $work->tidyMinutes, 1e-9, "figure {$seed}");
            $tidied += $work->tidyMinutes > 0 ? 1 : 0;
        }
        self::assertGreaterThan(60, $tidied, 'many of them cannot do without');
    }

    #[Group('many')]
    public function test_a_solver_of_integer_programs_finds_none_better_up_to_twelve_steps(): void
    {
        $programs = $minutes = [];
        foreach ($this->figures(range(1001, 1060), 5, 12) as [$work, $type]) {
            if ($work->gaveWay === [] && $work->tidyMinutes > 0) {
                $programs[] = (new TidyProgram(new HandSteps($work, $type), self::FIXED, self::SHARE))->text();
                $minutes[] = $work->tidyMinutes;
            }
        }
        self::assertGreaterThan(15, count($programs));

        foreach (IntegerPrograms::solved($programs) as $i => $least) {
            self::assertEqualsWithDelta($least, $minutes[$i], 1e-6, "program {$i}");
        }
    }

    #[Group('many')]
    public function test_of_large_figures_every_order_is_kept_and_the_same_figure_has_the_same_order(): void
    {
        foreach ([[14, 60], [30, 150]] as [$areas, $most]) {
            [$standard, $type, $composition] = RandomFigures::make(5, $areas, $most);
            $work = (new WorkOrder($standard))->of($composition, $type);
            $hand = new HandSteps($work, $type);
            $place = array_flip($hand->order);
            foreach ($hand->edges as [$first, $second]) {
                self::assertLessThan($place[$second], $place[$first]);
            }
            self::assertCount(count($composition->uses), $hand->order);
            $every = new EveryOrder($hand->steps, $hand->edges, $hand->neighbours, $hand->over, 0.5, 0.1);
            self::assertEqualsWithDelta($every->minutes($hand->order), $work->tidyMinutes, 1e-9);
            self::assertEquals($work, (new WorkOrder($standard))->of($composition, $type));
            self::assertEquals($work, (new WorkOrder($standard))->of($composition, $type, $work->order()), 'and from what is kept');
        }
    }

    /**
     * @param  list<int>  $seeds
     * @return iterable<int, array{Work, FigureType}>
     */
    private function figures(array $seeds, int $areas, int $most): iterable
    {
        foreach ($seeds as $seed) {
            [$standard, $type, $composition] = RandomFigures::make($seed, 2 + $seed % ($areas - 1), $most);
            if (count($composition->uses) > 1 && count($composition->uses) <= $most) {
                yield $seed => [(new WorkOrder($standard, new TidySettings(self::FIXED, self::SHARE)))->of($composition, $type), $type];
            }
        }
    }
}
