<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\TypeArea;
use Core\Sequence\GaveWay;
use Core\Sequence\Step;
use Core\Sequence\TidyBack;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** Each rule of the order by hand. The rules are common practice, no source; half a minute and a tenth are the studio's defaults. */
final class WorkOrderTest extends TestCase
{
    private const CLOTH = [['technique' => 'base', 'minutes' => 10], ['technique' => 'light', 'minutes' => 5]];

    public function test_among_orders_that_are_alike_inner_comes_before_outer_then_the_technique_just_used_then_as_given(): void
    {
        $order = self::order(['cloth' => self::CLOTH], PaintedOrder::area('cape', 'cloth', 3), PaintedOrder::area('coat', 'cloth', 2), PaintedOrder::area('hood', 'cloth', 2));

        self::assertSame(['coat base', 'hood base', 'coat light', 'hood light', 'cape base', 'cape light'], $order->words());
    }

    public function test_the_standard_holds_over_what_a_technique_says_and_the_wish_is_listed(): void
    {
        $before = ['comes_before' => [['technique' => 'base', 'why' => 'access']]];
        $order = self::order(['cloth' => self::CLOTH], PaintedOrder::area('coat', 'cloth'), more: ['light' => $before]);

        self::assertSame(['coat base', 'coat light'], $order->words());
        self::assertSame([['coat base', 'coat light', 'technique']], self::gaveWay($order));
    }

    /** @param  list<string>  $expected */
    #[TestWith(['figure', ['coat light', 'hood base', 'hood light']], 'anywhere on the figure')]
    #[TestWith(['area', ['hood base', 'hood light', 'coat light']], 'on the same area only')]
    public function test_a_technique_says_what_comes_after_it_and_where(string $where, array $expected): void
    {
        $order = self::order(
            ['cloth' => self::CLOTH, 'leather' => [['technique' => 'light']]],
            PaintedOrder::area('hood', 'cloth', 1),
            PaintedOrder::area('coat', 'leather', 2),
            more: ['base' => ['comes_after' => [['technique' => 'light', 'why' => 'drying', 'where' => $where]]]],
        );

        self::assertSame($expected, $order->words());
    }

    public function test_techniques_that_wait_for_each_other_give_way_in_the_order_of_composition(): void
    {
        $order = self::order(
            ['cloth' => [['technique' => 'base']], 'leather' => [['technique' => 'light']]],
            PaintedOrder::area('coat', 'cloth'),
            PaintedOrder::area('belt', 'leather'),
            more: [
                'base' => ['comes_after' => [['technique' => 'light', 'why' => 'drying', 'where' => 'figure']]],
                'light' => ['comes_after' => [['technique' => 'base', 'why' => 'drying', 'where' => 'figure']]],
            ],
        );

        self::assertSame(['coat base', 'belt light'], $order->words());
        self::assertSame([['coat base', 'belt light', 'technique']], self::gaveWay($order));
    }

    public function test_uses_of_the_whole_whose_stages_are_turned_round_keep_the_order_of_the_standard(): void
    {
        $order = self::order(
            ['whole' => [['technique' => 'varnish'], ['technique' => 'prime']], 'cloth' => [['technique' => 'base']]],
            PaintedOrder::area('figure', 'whole'),
            PaintedOrder::area('coat', 'cloth'),
        );

        self::assertSame(['figure varnish', 'figure prime', 'coat base'], $order->words());
        self::assertSame([['figure varnish', 'coat base', 'whole']], self::gaveWay($order));
    }

    public function test_what_lies_over_the_whole_splits_each_area_at_the_first_use_of_its_stage_or_a_later_group(): void
    {
        $order = self::order(
            ['whole' => [['technique' => 'wash', 'stage' => 'light']], 'cloth' => [['technique' => 'base'], ['technique' => 'detail'], ['id' => 'again', 'technique' => 'base']]],
            PaintedOrder::area('figure', 'whole'),
            PaintedOrder::area('coat', 'cloth'),
        );

        self::assertSame(['coat base', 'figure wash', 'coat detail', 'coat again'], $order->words(), 'the detail is later than a light, and the base again stands behind it');
    }

    /** @return iterable<string, array{list<array<string, mixed>>, float}> what the other area gets after the wash, minutes of tidying there */
    public static function soiled(): iterable
    {
        $base = ['technique' => 'base', 'minutes' => 10];
        yield 'its opaque base and all above it' => [[['technique' => 'dip', 'minutes' => 50], $base, ['technique' => 'light', 'minutes' => 5]], 0.5 + 0.1 * (10 + 5)];
        yield 'all of it where nothing is opaque' => [[['technique' => 'dip', 'minutes' => 20], ['technique' => 'light', 'minutes' => 5]], 0.5 + 0.1 * (20 + 5)];
        yield 'from an opaque line on' => [[$base, ['technique' => 'line', 'minutes' => 2], ['technique' => 'detail', 'minutes' => 4]], 0.5 + 0.1 * (2 + 4)];
        yield 'cleaning and markings are not laid again' => [[['technique' => 'clean', 'minutes' => 30], $base, ['technique' => 'decal', 'minutes' => 7]], 0.5 + 0.1 * 10];
        yield 'what has no paint is not soiled' => [[['technique' => 'clean', 'minutes' => 30]], 0.0];
    }

    /**
     * The wash of a coat must come last, so that it soils the belt whatever the order.
     *
     * @param  list<array<string, mixed>>  $uses
     */
    #[DataProvider('soiled')]
    public function test_tidying_takes_a_share_of_what_is_laid_again(array $uses, float $minutes): void
    {
        $last = array_map(static fn (string $id): array => ['technique' => $id, 'why' => 'access', 'where' => 'figure'], ['dip', 'base', 'light', 'line', 'detail', 'clean', 'decal']);
        $order = self::order(
            ['cloth' => [['technique' => 'wash']], 'leather' => $uses],
            PaintedOrder::area('coat', 'cloth', 1, ['belt']),
            PaintedOrder::area('belt', 'leather', 2),
            more: ['wash' => ['comes_after' => $last]],
        );

        self::assertEqualsWithDelta($minutes, $order->work->tidyMinutes, 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, bool}> the paint that comes after the wash, whether it hides what the wash left */
    public static function hiding(): iterable
    {
        yield 'a base over all of it' => [['technique' => 'base'], true];
        yield 'a base on its upper parts' => [['technique' => 'base', 'extent' => 'upper'], false];
        yield 'a base on some of it' => [['technique' => 'base', 'cover' => 0.9], false];
        yield 'paint that lets through' => [['technique' => 'dip'], false];
        yield 'a light' => [['technique' => 'light'], false];
    }

    /** @param  array<string, mixed>  $then */
    #[DataProvider('hiding')]
    public function test_what_comes_later_may_hide_what_a_wash_left(array $then, bool $hides): void
    {
        $order = self::order(
            ['whole' => [['technique' => 'matt', 'stage' => 'light']], 'cloth' => [['technique' => 'wash', 'minutes' => 1]], 'leather' => [['id' => 'first', 'technique' => 'clean'], ['id' => 'under', 'technique' => 'dip', 'minutes' => 1], ['id' => 'then', ...$then]]],
            PaintedOrder::area('coat', 'cloth', 1, ['belt']),
            PaintedOrder::area('belt', 'leather', 2),
            more: ['wash' => ['comes_after' => [['technique' => 'dip', 'why' => 'access', 'where' => 'figure']], 'comes_before' => [['technique' => 'base', 'why' => 'access', 'where' => 'figure'], ['technique' => 'light', 'why' => 'access', 'where' => 'figure']]]],
        );

        self::assertSame($hides ? 0.0 : 0.6, round($order->work->tidyMinutes, 9));
    }

    public function test_what_gets_the_same_wash_later_is_not_soiled_by_it(): void
    {
        $order = self::order(
            ['cloth' => [['technique' => 'wash'], ['technique' => 'base']], 'leather' => [['technique' => 'dip'], ['technique' => 'wash']]],
            PaintedOrder::area('coat', 'cloth', 1, ['belt']),
            PaintedOrder::area('belt', 'leather', 2),
            more: ['wash' => ['comes_after' => [['technique' => 'dip', 'why' => 'access', 'where' => 'figure']]]],
        );

        self::assertSame(['belt dip', 'coat wash', 'belt wash', 'coat base'], $order->words());
    }

    public function test_an_area_is_tidied_before_the_varnish_and_however_often_it_was_soiled_once(): void
    {
        $order = self::order(
            ['whole' => [['technique' => 'varnish']], 'cloth' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'drybrush']], 'leather' => [['technique' => 'base']]],
            PaintedOrder::area('figure', 'whole'),
            PaintedOrder::area('belt', 'leather', 0, ['coat']),
            PaintedOrder::area('coat', 'cloth', 3),
            more: ['wash' => ['comes_after' => [['technique' => 'base', 'why' => 'access', 'where' => 'figure']]]],
        );

        self::assertSame(['belt base', 'coat base', 'coat wash', 'coat drybrush', 'tidy belt', 'figure varnish'], $order->words());
        $tidied = array_values(array_filter($order->work->items, static fn (object $item): bool => $item instanceof TidyBack))[0];
        self::assertSame(['wash, coat', 'drybrush, coat'], array_map(static fn (object $step): string => $step->name(), $tidied->soiledBy));
    }

    #[TestWith(['rider', 'rider', 0.5])]
    #[TestWith(['rider', 'mount', 0.0], 'what is kept apart')]
    public function test_messy_work_soils_only_what_is_of_its_part(string $one, string $other, float $minutes): void
    {
        $order = self::order(
            ['cloth' => [['technique' => 'wash']], 'leather' => [['technique' => 'base']]],
            PaintedOrder::area('coat', 'cloth', 1, ['saddle'], null, $one),
            PaintedOrder::area('saddle', 'leather', 2, [], null, $other),
            more: ['wash' => ['comes_after' => [['technique' => 'base', 'why' => 'access', 'where' => 'figure']]]],
        );

        self::assertSame($minutes, $order->work->tidyMinutes);
    }

    public function test_an_order_is_known_by_all_that_it_was_found_from(): void
    {
        $cloth = ['cloth' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'wash', 'minutes' => 2]]];
        $base = ['technique' => 'base'];
        $coat = PaintedOrder::area('coat', 'cloth', 1);
        $belt = PaintedOrder::area('belt', 'leather', 2);
        $keys = [
            self::order($cloth + ['leather' => [$base]], $coat, $belt)->key,
            self::order($cloth + ['leather' => [$base]], PaintedOrder::area('coat', 'cloth', 3), $belt)->key,
            self::order($cloth + ['leather' => [$base]], PaintedOrder::area('coat', 'cloth', 1, ['belt']), $belt)->key,
            self::order($cloth + ['leather' => [$base]], PaintedOrder::area('coat', 'cloth', 1, [], 'belt'), $belt)->key,
            self::order($cloth + ['leather' => [$base]], PaintedOrder::area('coat', 'cloth', 1, [], null, 'rider'), $belt)->key,
            self::order($cloth + ['leather' => [['minutes' => 1] + $base]], $coat, $belt)->key,
            self::order($cloth + ['leather' => [['extent' => 'upper'] + $base]], $coat, $belt)->key,
            self::order($cloth + ['leather' => [$base]], $coat, $belt, more: ['base' => ['comes_after' => [['technique' => 'wash', 'why' => 'access']]]])->key,
        ];

        self::assertSame($keys[0], self::order($cloth + ['leather' => [$base]], $coat, $belt)->key);
        self::assertCount(count($keys), array_unique($keys));
    }

    public function test_of_neighbours_that_nobody_told_nothing_follows(): void
    {
        $order = self::order(['cloth' => [['technique' => 'base'], ['technique' => 'wash']]], PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('hood', 'cloth', 1));

        self::assertSame(['coat base', 'hood base', 'coat wash', 'hood wash'], $order->words());
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $asked by surface
     * @param  TypeArea|array<string, array<string, mixed>>  ...$areas and, as `more`, members of techniques by their id
     */
    private static function order(array $asked, TypeArea|array ...$areas): PaintedOrder
    {
        $more = $areas['more'] ?? [];
        $technique = static fn (string $id, string $group, string $opacity = 'opaque', bool $messy = false): array => PaintedOrder::technique($id, $group, $opacity, $messy, is_array($more) ? $more[$id] ?? [] : []);

        return new PaintedOrder([
            $technique('clean', 'prepare', 'transparent'), $technique('prime', 'ground'), $technique('base', 'lay-in'), $technique('dip', 'lay-in', 'transparent'), $technique('wash', 'shade', 'transparent', true),
            $technique('light', 'light', 'semi'), $technique('drybrush', 'light', 'semi', true), $technique('line', 'light'), $technique('detail', 'detail', 'semi'), $technique('decal', 'marking'),
            $technique('matt', 'finish', 'transparent'), $technique('varnish', 'finish', 'transparent'),
        ], $asked, array_values(array_filter($areas, static fn (TypeArea|array $one): bool => $one instanceof TypeArea)));
    }

    /** @return list<array{string, string, string}> the step that wished to wait, for what, and by which force */
    private static function gaveWay(PaintedOrder $order): array
    {
        $name = static fn (Step $step): string => "{$step->area->area->id} {$step->laid->use->id}";

        return array_map(static fn (GaveWay $one): array => [$name($one->step), $name($one->after->step), $one->after->force->value], $order->work->gaveWay);
    }
}
