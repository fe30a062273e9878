<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\TypeArea;
use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\TidySettings;
use Core\Sequence\WhyHere;
use Core\Sequence\WorkOrder;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\EveryOrder;
use Tests\Core\Support\HandSteps;
use Tests\Core\Support\PaintedOrder;
use Tests\Core\Support\RandomFigures;

/** What is laid into wet paint is one go on each figure. Common practice, no source. */
final class WetRunsTest extends TestCase
{
    private const FIXED = 0.7;

    private const SHARE = 0.2;

    public function test_a_decal_into_a_wet_wash_is_laid_before_the_next_area_gets_its_wash(): void
    {
        $asked = ['plate' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'decal']]];
        $areas = [PaintedOrder::area('shield', 'plate', 1), PaintedOrder::area('helmet', 'plate', 1)];

        self::assertSame(['shield base', 'helmet base', 'shield wash', 'helmet wash', 'shield decal', 'helmet decal'], self::order($asked, [], ...$areas)->words(), 'dry it may wait');
        self::assertSame(['shield base', 'helmet base', 'shield wash', 'shield decal', 'helmet wash', 'helmet decal'], self::order($asked, ['wash'], ...$areas)->words());
    }

    public function test_only_what_lies_directly_under_it_is_wet_for_it(): void
    {
        $order = self::order(['plate' => [['technique' => 'wash'], ['technique' => 'base'], ['technique' => 'decal']]], ['wash'], PaintedOrder::area('shield', 'plate'));

        self::assertSame([null, null, null], array_map(static fn (PlannedStep|TidyBack $item): ?Step => $item instanceof PlannedStep ? $item->wetInto : null, $order->work->items));
    }

    public function test_what_the_second_waits_for_comes_before_the_first(): void
    {
        $order = self::order(
            ['plate' => [['technique' => 'wash'], ['technique' => 'decal']], 'cloth' => [['technique' => 'base']]], ['wash'],
            PaintedOrder::area('shield', 'plate', 1), PaintedOrder::area('coat', 'cloth', 5),
            more: ['comes_after' => [['technique' => 'base', 'why' => 'protection', 'where' => 'figure']]],
        );

        self::assertSame(['coat base', 'shield wash', 'shield decal'], $order->words());
        self::assertSame(['coat base: technique'], $order->waitsFor('shield wash'));
    }

    public function test_what_goes_over_the_whole_figure_at_a_stage_between_them_lies_on_both(): void
    {
        foreach ([['figure', 'shield'], ['shield', 'figure']] as $order) {
            $areas = ['figure' => PaintedOrder::area('figure', 'whole'), 'shield' => PaintedOrder::area('shield', 'plate')];
            $found = self::order(['whole' => [['technique' => 'wash']], 'plate' => [['technique' => 'base'], ['technique' => 'decal']]], ['base'], $areas[$order[0]], $areas[$order[1]]);

            self::assertSame(['shield base', 'shield decal', 'figure wash'], $found->words());
        }
    }

    public function test_why_here_says_so_and_does_not_let_it_dry(): void
    {
        $order = self::order(['plate' => [['technique' => 'wash'], ['technique' => 'decal']]], ['wash'], PaintedOrder::area('shield', 'plate'));
        $decal = $order->work->items[1];

        $wash = $order->work->items[0];
        self::assertInstanceOf(PlannedStep::class, $decal);
        self::assertInstanceOf(PlannedStep::class, $wash);
        self::assertSame([$decal->step, null], [$wash->then, $decal->then]);
        self::assertSame([['reason' => 'wet', 'sentence' => 'It is laid into wash, shield while that is wet: both in one go on each figure, and nothing between.']], WhyHere::of($decal));
    }

    public function test_an_order_is_known_by_what_is_laid_wet(): void
    {
        $asked = ['plate' => [['technique' => 'wash'], ['technique' => 'decal']]];

        self::assertNotSame(self::order($asked, [], PaintedOrder::area('shield', 'plate'))->key, self::order($asked, ['wash'], PaintedOrder::area('shield', 'plate'))->key);
    }

    #[Group('many')]
    public function test_of_made_up_figures_no_other_order_that_keeps_them_together_has_less_to_tidy(): void
    {
        $figures = $tidied = 0;
        foreach (range(1, 600) as $seed) {
            [$standard, $type, $composition] = RandomFigures::make($seed, 2 + $seed % 3, 8, ['pin' => ['wash', 'stain'], 'drybrush' => ['pin', 'base'], 'dust' => ['detail', 'line']]);
            $work = (new WorkOrder($standard, new TidySettings(self::FIXED, self::SHARE)))->of($composition, $type);
            $into = self::into($work->items);
            if ($into === [] || count($composition->uses) > 8) {
                continue;
            }
            $hand = new HandSteps($work, $type);
            $every = new EveryOrder($hand->steps, $hand->edges, $hand->neighbours, $hand->over, self::FIXED, self::SHARE);

            self::assertSame($every->best($into), $hand->order, "figure {$seed}");
            self::assertEqualsWithDelta($every->minutes($hand->order), $work->tidyMinutes, 1e-9, "figure {$seed}");
            $figures++;
            $tidied += $work->tidyMinutes > 0 ? 1 : 0;
        }

        self::assertGreaterThan(100, $figures);
        self::assertGreaterThan(20, $tidied, 'many of them cannot do without');
    }

    /**
     * @param  list<PlannedStep|TidyBack>  $items
     * @return array<int, int> the step before by the one that is laid into it
     */
    private static function into(array $items): array
    {
        $into = [];
        foreach ($items as $item) {
            if ($item instanceof PlannedStep && $item->wetInto !== null) {
                $into[$item->step->number] = $item->wetInto->number;
            }
        }

        return $into;
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $asked by surface
     * @param  list<string>  $wet what a decal is laid into
     * @param  TypeArea|array<string, mixed>  ...$areas and, as `more`, members of the decal
     */
    private static function order(array $asked, array $wet, TypeArea|array ...$areas): PaintedOrder
    {
        $more = is_array($areas['more'] ?? null) ? $areas['more'] : [];

        return new PaintedOrder([
            PaintedOrder::technique('base', 'lay-in'),
            PaintedOrder::technique('wash', 'shade', 'transparent', false, ['dry' => 30]),
            PaintedOrder::technique('decal', 'marking', 'opaque', false, ['wet_into' => $wet] + $more),
        ], $asked, array_values(array_filter($areas, static fn (TypeArea|array $one): bool => $one instanceof TypeArea)));
    }
}
