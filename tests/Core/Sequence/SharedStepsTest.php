<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Sequence\PaintedAlike;
use Core\Sequence\PlannedStep;
use Core\Sequence\SharedSteps;
use Core\Sequence\Sharing;
use Core\Sequence\SheetLines;
use Core\Sequence\TidyBack;
use Core\Sequence\WorkOrder;
use Core\Standard\Standard;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\RandomFigures;
use Tests\Core\Support\TwoTiers;

/** One sheet for figures that differ in some of what is painted on them. */
final class SharedStepsTest extends TestCase
{
    public function test_what_is_common_is_one_line_and_what_is_not_names_who_has_it(): void
    {
        // The first is the rank and file, the second its leader, whose belt has a buckle and whose coat is not washed.
        $lines = self::shared([['belt detail'], ['coat wash']], ['coat' => ['base', 'wash'], 'belt' => ['base', 'detail']]);

        self::assertSame(['coat base: 0 1', 'belt base: 0 1', 'coat wash: 0', 'belt detail: 1'], self::words($lines));
    }

    public function test_one_step_to_another_degree_is_a_line_of_its_own_beside_it(): void
    {
        $standard = TwoTiers::standard(['coat' => [['technique' => 'base'], ['technique' => 'line', 'steps' => 1]]], ['coat' => [['technique' => 'base'], ['technique' => 'line', 'steps' => 2]]]);
        $type = TwoTiers::type(['coat']);
        $lines = self::linesOf($standard, $type, [TwoTiers::composed($standard, $type, 'line'), TwoTiers::composed($standard, $type, 'banner')]);

        self::assertSame(['coat base: 0 1', 'coat line: 0', 'coat line: 1'], self::words($lines));
    }

    public function test_the_same_step_in_another_paint_is_another(): void
    {
        $standard = TwoTiers::standard(['coat' => [['technique' => 'base']], 'belt' => [['technique' => 'base']]]);
        $type = TwoTiers::type(['coat', 'belt']);
        $composition = TwoTiers::composed($standard, $type, 'line');
        $paints = static fn (string $belt): array => ['coat' => ['base' => 'Gull White'], 'belt' => ['base' => $belt]];
        $shared = SharedSteps::of([new PaintedAlike($composition, $paints('Weir Blue')), new PaintedAlike($composition, $paints('Rust Buoy'))], $type);
        $lines = $shared?->inOrder(new WorkOrder($standard), $type);

        self::assertSame(['coat base: 0 1', 'belt base: 0', 'belt base: 1'], self::words($lines));
    }

    public function test_what_is_laid_in_opposite_order_has_no_sheet_in_common(): void
    {
        $standard = TwoTiers::standard(['coat' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'line']]], ['coat' => [['technique' => 'base'], ['technique' => 'line'], ['technique' => 'wash']]]);
        $type = TwoTiers::type(['coat']);

        self::assertNull(SharedSteps::of([new PaintedAlike(TwoTiers::composed($standard, $type, 'line')), new PaintedAlike(TwoTiers::composed($standard, $type, 'banner'))], $type));
    }

    /**
     * Dust of the belt and mud of the coat soil each other's area. Without mud the belt would be dusted first and nothing tidied;
     * in one order for both all tidy the coat, half a minute and a tenth of nothing. Four lines are common, the tidying among them.
     */
    public function test_a_sheet_that_makes_the_others_tidy_saves_nothing_where_they_are_many(): void
    {
        $lines = self::shared([['coat mud'], []], ['coat' => ['base', 'mud'], 'belt' => ['base', 'dust']], ['coat' => ['belt']]);

        self::assertNotNull($lines);
        self::assertSame(['coat base: 0 1', 'coat mud: 1', 'belt base: 0 1', 'belt dust: 0 1', 'tidy coat: 0 1'], self::words($lines));
        self::assertSame([0.5, 0.5], [$lines->tidyMinutes(0), $lines->tidyMinutes(1)]);
        self::assertTrue($lines->saves([0.0, 0.5], [16, 1], 2.0), '16 × 0.5 is as much as taking four paints once more');
        self::assertFalse($lines->saves([0.0, 0.5], [17, 1], 2.0));
        self::assertFalse($lines->saves([0.0, 0.5], [1, 1], 0.0));
        self::assertTrue($lines->saves([0.5, 0.5], [99, 1], 0.0));
    }

    /** One wash with one paint on three areas, of which the leader lacks the one in the middle. */
    public function test_a_go_is_not_broken_off_by_who_does_not_have_all_of_it(): void
    {
        $standard = TwoTiers::standard(array_fill_keys(['coat', 'hood', 'belt'], [['technique' => 'base'], ['technique' => 'wash']]));
        $type = TwoTiers::type(['coat', 'hood', 'belt']);
        $composition = TwoTiers::composed($standard, $type, 'line');
        $leader = TwoTiers::composed($standard, $type, 'line', ['hood wash']);
        $paints = array_fill_keys(['coat', 'hood', 'belt'], ['wash' => 'Bog Water']);
        $lines = SharedSteps::of([new PaintedAlike($composition, $paints), new PaintedAlike($leader, $paints)], $type)?->inOrder(new WorkOrder($standard), $type);
        $words = self::words($lines);

        self::assertSame(['coat wash: 0 1', 'hood wash: 0', 'belt wash: 0 1'], array_slice($words, -3));
    }

    /** @param  list<string>  $wet */
    #[TestWith([[]])]
    #[TestWith([['wash']])]
    #[Group('many')]
    public function test_of_made_up_figures_each_has_all_its_own_steps_in_an_order_that_it_allows(array $wet): void
    {
        $together = 0;
        foreach (range(1, 120) as $number) {
            [$standard, $type, $most] = RandomFigures::make($number, 4, 12, $wet === [] ? [] : ['detail' => $wet]);
            mt_srand($number);
            $all = [$most, self::without($most), self::without($most)];
            $lines = self::linesOf($standard, $type, $all);
            if ($lines === null) {
                continue;
            }
            $together++;
            foreach ($all as $who => $composition) {
                $own = array_values(array_filter(array_map(static fn (array $line): PlannedStep|TidyBack|null => $line[$who] ?? null, $lines->all)));
                $steps = array_values(array_map(static fn (PlannedStep $item): int => $item->step->number, array_filter($own, static fn (PlannedStep|TidyBack $item): bool => $item instanceof PlannedStep)));
                $order = new WorkOrder($standard);
                self::assertEqualsCanonicalizing(array_keys($composition->uses), $steps, "figure {$number}, {$who}");
                self::assertNotNull($order->inOrder($composition, $type, $steps), "figure {$number}, {$who}");
                self::assertEquals($order->of($composition, $type, $steps)->tidyMinutes, array_sum(array_map(static fn (PlannedStep|TidyBack $item): float => $item instanceof TidyBack ? $item->minutes : 0.0, $own)), "figure {$number}, {$who}");
            }
        }

        self::assertGreaterThan(90, $together);
    }

    public function test_an_order_that_is_turned_round_is_not_allowed(): void
    {
        $standard = TwoTiers::standard(['coat' => [['technique' => 'base'], ['technique' => 'wash']], 'belt' => [['technique' => 'base']]]);
        $type = TwoTiers::type(['coat', 'belt']);
        $composition = TwoTiers::composed($standard, $type, 'line');

        self::assertNotNull((new WorkOrder($standard))->inOrder($composition, $type, [2, 0, 1]));
        self::assertNull((new WorkOrder($standard))->inOrder($composition, $type, [1, 0, 2]));
    }

    /** Of 4 and 6 steps 3 are common: half of whichever has more. */
    #[TestWith([0.5, [[0, 1]]])]
    #[TestWith([0.51, [[0], [1]]])]
    public function test_half_of_the_steps_of_whichever_has_more_is_enough(float $least, mixed $groups): void
    {
        $standard = TwoTiers::standard(
            ['coat' => [['technique' => 'base'], ['technique' => 'wash']], 'belt' => [['technique' => 'base'], ['technique' => 'line']]],
            ['coat' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'line'], ['technique' => 'detail']], 'belt' => [['technique' => 'base'], ['technique' => 'detail']]],
        );
        $type = TwoTiers::type(['coat', 'belt']);
        $all = [new PaintedAlike(TwoTiers::composed($standard, $type, 'line')), new PaintedAlike(TwoTiers::composed($standard, $type, 'banner'))];

        self::assertSame($groups, (new Sharing($least))->groups($all, [9, 1]));
    }

    public function test_they_gather_round_those_of_which_there_are_most(): void
    {
        $standard = TwoTiers::standard(['coat' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'line'], ['technique' => 'detail']]]);
        $type = TwoTiers::type(['coat']);
        $all = array_map(static fn (array $waived): PaintedAlike => new PaintedAlike(TwoTiers::composed($standard, $type, 'line', $waived)), [['coat line', 'coat detail'], ['coat line'], [], ['coat base', 'coat wash', 'coat line']]);

        self::assertSame([[1, 0, 2], [3]], (new Sharing(0.5))->groups($all, [1, 8, 1, 1]));
    }

    /**
     * @param  non-empty-list<list<string>>  $waived by figures that are alike, `area use`
     * @param  array<string, list<string>>  $asked techniques by area
     * @param  array<string, list<string>>  $touching
     */
    private static function shared(array $waived, array $asked, array $touching = []): ?SheetLines
    {
        $standard = TwoTiers::standard(array_map(static fn (array $techniques): array => array_map(static fn (string $technique): array => ['technique' => $technique], $techniques), $asked));
        $type = TwoTiers::type(array_keys($asked), $touching);

        return self::linesOf($standard, $type, array_map(static fn (array $one): Composition => TwoTiers::composed($standard, $type, 'line', $one), $waived));
    }

    /** @param  non-empty-list<Composition>  $all */
    private static function linesOf(Standard $standard, FigureType $type, array $all): ?SheetLines
    {
        return SharedSteps::of(array_map(static fn (Composition $one): PaintedAlike => new PaintedAlike($one), $all), $type)?->inOrder(new WorkOrder($standard), $type);
    }

    /** @return list<string> `area use: who has it` */
    private static function words(?SheetLines $lines): array
    {
        self::assertNotNull($lines);

        return array_map(static function (array $line): string {
            $item = reset($line);
            $name = $item instanceof TidyBack ? "tidy {$item->area->area->id}" : "{$item->step->area->area->id} {$item->step->laid->use->id}";

            return "{$name}: ".implode(' ', array_keys($line));
        }, $lines->all);
    }

    private static function without(Composition $most): Composition
    {
        $uses = array_values(array_filter($most->uses, static fn (): bool => mt_rand(0, 3) !== 0));

        return new Composition($uses, [], [], [], array_sum(array_map(static fn (ComposedUse $use): float => $use->minutes, $uses)));
    }
}
