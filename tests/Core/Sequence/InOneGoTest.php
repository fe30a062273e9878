<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Sequence\PlannedStep;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use Core\Sequence\Work;
use Core\Sequence\WorkOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;
use Tests\Core\Support\RandomFigures;

/** One wash on nine areas is one step: what is laid alike with one paint goes on in one go. Common practice, no source. */
final class InOneGoTest extends TestCase
{
    private const BROWN = ['wash' => 'Rust Buoy'];

    public function test_one_wash_on_all_cloth_is_laid_in_one_go_when_all_its_bases_are_there(): void
    {
        $order = self::uniform(['coat' => self::BROWN, 'hose' => self::BROWN, 'hood' => self::BROWN]);

        self::assertSame(['hose base', 'coat base', 'hood base', 'hose wash', 'coat wash', 'hood wash'], $order->words());
        self::assertSame(0.0, $order->work->tidyMinutes, 'it is the same paint, still wet');
        self::assertSame(['hose', 'coat', 'hood'], self::goOf($order->work, 'coat wash'));
        self::assertContains('One paint, laid the same way on hose, coat, hood: in one go, in which none soils another.', $order->why('coat wash'));
        self::assertSame([], array_filter($order->why('coat wash'), static fn (string $why): bool => str_contains($why, 'would soil it')));
    }

    /** The list of areas says nothing of how far out they lie. */
    public function test_a_go_runs_from_the_inner_areas_to_the_outer_ones_and_as_listed_where_they_lie_alike(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base'], ['technique' => 'wash']]], [
            PaintedOrder::area('cape', 'cloth', 4), PaintedOrder::area('hose', 'cloth', 1), PaintedOrder::area('hood', 'cloth', 3), PaintedOrder::area('coat', 'cloth', 2), PaintedOrder::area('sash', 'cloth', 3),
        ], paints: array_fill_keys(['cape', 'hose', 'hood', 'coat', 'sash'], self::BROWN));

        self::assertSame(['hose wash', 'coat wash', 'hood wash', 'sash wash', 'cape wash'], array_values(array_filter($order->words(), static fn (string $words): bool => str_ends_with($words, 'wash'))));
    }

    public function test_where_nobody_knows_the_paint_each_is_laid_by_itself(): void
    {
        $order = self::uniform([]);

        self::assertSame([], self::goOf($order->work, 'coat wash'));
        self::assertGreaterThan(0.0, $order->work->tidyMinutes);
    }

    public function test_another_paint_is_laid_by_itself(): void
    {
        $order = self::uniform(['coat' => self::BROWN, 'hose' => ['wash' => 'Bilge'], 'hood' => self::BROWN]);

        self::assertSame(['coat', 'hood'], self::goOf($order->work, 'coat wash'));
        self::assertSame([], self::goOf($order->work, 'hose wash'));
    }

    public function test_what_sits_on_another_area_is_washed_after_it(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base'], ['technique' => 'wash']]], [
            PaintedOrder::area('coat', 'cloth', 1, ['belt', 'hose']), PaintedOrder::area('hose', 'cloth', 0), PaintedOrder::area('belt', 'cloth', 2, [], 'coat'),
        ], paints: ['coat' => self::BROWN, 'hose' => self::BROWN, 'belt' => self::BROWN]);

        self::assertSame(['hose base', 'coat base', 'hose wash', 'coat wash', 'belt base', 'belt wash'], array_slice($order->words(), 0, 6));
        self::assertSame(['hose', 'coat'], self::goOf($order->work, 'coat wash'));
        self::assertSame([], self::goOf($order->work, 'belt wash'));
    }

    public function test_nothing_is_laid_in_one_go_where_more_would_be_tidied_for_it(): void
    {
        $order = new PaintedOrder(
            [...self::techniques(), PaintedOrder::technique('leather', 'lay-in'), PaintedOrder::technique('late', 'lay-in', more: ['comes_after' => [['technique' => 'leather', 'why' => 'access', 'where' => 'figure']]])],
            ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'kit' => [['technique' => 'leather', 'minutes' => 20]], 'boots' => [['technique' => 'late'], ['technique' => 'wash']]],
            [PaintedOrder::area('coat', 'cloth', 1, ['belt']), PaintedOrder::area('belt', 'kit', 2), PaintedOrder::area('boots', 'boots', 3)],
            paints: ['coat' => self::BROWN, 'boots' => self::BROWN],
        );

        // Together they would come after the belt, which the wash of the coat would soil then.
        self::assertSame(['coat base', 'coat wash', 'belt leather', 'boots late', 'boots wash'], $order->words());
        self::assertSame([], self::goOf($order->work, 'coat wash'));
    }

    public function test_what_a_go_soils_is_tidied_once_behind_it(): void
    {
        $order = new PaintedOrder(
            [...self::techniques(), PaintedOrder::technique('stain', 'lay-in', 'transparent', more: ['comes_before' => [['technique' => 'wash', 'why' => 'access', 'where' => 'figure']]])],
            ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'glass' => [['technique' => 'stain']]],
            [PaintedOrder::area('coat', 'cloth', 1, ['visor']), PaintedOrder::area('hood', 'cloth', 2, ['visor']), PaintedOrder::area('visor', 'glass', 3)],
            paints: ['coat' => self::BROWN, 'hood' => self::BROWN],
        );

        self::assertSame(['coat base', 'hood base', 'visor stain', 'coat wash', 'hood wash', 'tidy visor'], $order->words());
    }

    public function test_colour_by_colour_lays_like_coats_in_one_go_too(): void
    {
        $make = static fn (string $path): PaintedOrder => new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base'], ['technique' => 'line']]], [
            PaintedOrder::area('shirt', 'cloth', 1), PaintedOrder::area('sash', 'cloth', 2), PaintedOrder::area('flag', 'cloth', 3),
        ], ['path' => $path], paints: ['shirt' => ['base' => 'Gull White'], 'sash' => ['base' => 'Weir Blue'], 'flag' => ['base' => 'Gull White']]);

        self::assertSame(['shirt base', 'shirt line', 'sash base', 'sash line', 'flag base', 'flag line'], $make('step-by-step')->words());
        self::assertSame(['shirt base', 'flag base', 'shirt line', 'sash base', 'sash line', 'flag line'], $make('colour-by-colour')->words());
        self::assertNotSame($make('step-by-step')->key, $make('colour-by-colour')->key);
    }

    public function test_a_ground_is_laid_by_itself_for_its_paste_takes_hours(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'ground' => [['technique' => 'base'], ['technique' => 'wash']]], [
            PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('soil', 'ground', 8),
        ], paints: ['coat' => self::BROWN, 'soil' => self::BROWN]);

        self::assertSame([], self::goOf($order->work, 'coat wash'));
    }

    public function test_paints_are_part_of_the_key_under_which_an_order_is_kept(): void
    {
        $keys = array_map(static fn (array $paints): string => self::uniform($paints)->key, [[], ['coat' => self::BROWN], ['coat' => self::BROWN, 'hood' => self::BROWN]]);

        self::assertCount(3, array_unique($keys));
    }

    /** @return iterable<int, array{int}> */
    public static function figures(): iterable
    {
        foreach (range(1, 12) as $number) {
            yield $number => [$number];
        }
    }

    #[DataProvider('figures')]
    #[Group('many')]
    public function test_goes_take_no_more_tidying_and_break_no_edge(int $number): void
    {
        [$standard, $type, $composition] = RandomFigures::make($number * 31, 7, 24);
        $paints = [];
        foreach ($composition->uses as $at => $use) {
            $paints[$use->area->id][$use->use->id] = ['Rust Buoy', 'Bilge'][$at % 2];
        }
        $order = new WorkOrder($standard);
        $work = $order->of($composition, $type, null, $paints);

        self::assertLessThanOrEqual($order->of($composition, $type)->tidyMinutes + 1e-9, $work->tidyMinutes);
        self::assertEquals($work, $order->of($composition, $type, $work->order(), $paints), 'and so from what was kept');
        self::assertCount(count($composition->uses), $work->order());
        $place = array_flip($work->order());
        foreach (array_filter($work->items, static fn (PlannedStep|TidyBack $item): bool => $item instanceof PlannedStep) as $item) {
            foreach ($item->after as $after) {
                self::assertLessThan($place[$item->step->number], $place[$after->step->number]);
            }
            $go = array_map(static fn (Step $step): int => $place[$step->number], $item->inOneGo);
            self::assertSame($go === [] ? [] : range($go[0], $go[0] + count($go) - 1), $go, 'nothing stands between steps of a go');
        }
    }

    /** @param  array<string, array<string, string>>  $paints */
    private static function uniform(array $paints): PaintedOrder
    {
        return new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'wash', 'minutes' => 3]]], [
            PaintedOrder::area('coat', 'cloth', 2, ['hose', 'hood']), PaintedOrder::area('hose', 'cloth', 1), PaintedOrder::area('hood', 'cloth', 3),
        ], paints: $paints);
    }

    /** @return list<string> areas of the go that a step is laid in */
    private static function goOf(Work $work, string $words): array
    {
        foreach ($work->items as $item) {
            if ($item instanceof PlannedStep && "{$item->step->area->area->id} {$item->step->laid->use->id}" === $words) {
                return array_map(static fn (Step $step): string => $step->area->area->id, $item->inOneGo);
            }
        }
        self::fail("There is no step {$words}.");
    }

    /** @return list<array<string, mixed>> */
    private static function techniques(): array
    {
        return [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent', true), PaintedOrder::technique('line', 'light')];
    }
}
