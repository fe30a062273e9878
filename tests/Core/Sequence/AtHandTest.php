<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Sequence\AtHand;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** Colours to mend a slip with: of the layer below, and of neighbours that have their colour. */
final class AtHandTest extends TestCase
{
    public function test_below_is_what_it_lies_on_and_a_neighbour_counts_once_it_is_laid_in(): void
    {
        $areas = [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1, ['belt']), PaintedOrder::area('belt', 'leather', 2), PaintedOrder::area('hat', 'felt', 3)];
        $order = new PaintedOrder(
            [PaintedOrder::technique('prime', 'ground'), PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'), PaintedOrder::technique('varnish', 'finish', 'transparent')],
            ['whole' => [['technique' => 'prime'], ['technique' => 'varnish']], 'cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base']], 'felt' => [['technique' => 'base']]],
            $areas,
        );
        self::assertSame(['figure prime', 'coat base', 'coat wash', 'belt base', 'hat base', 'figure varnish'], $order->words());
        $type = new FigureType('Small', SizeClass::Foot, $areas);
        $at = static fn (int $step): array => [($hand = AtHand::at($step, $order->work->items, $type))->below, $hand->neighbours];

        self::assertSame([null, []], $at(0));
        self::assertSame([0, []], $at(1), 'the belt has no colour yet');
        self::assertSame([1, []], $at(2));
        self::assertSame([0, ['coat' => 1]], $at(3), 'the coat is mended with its base, not with its wash');
        self::assertSame([0, []], $at(4), 'what touches the hat is not known');
        self::assertSame([null, []], $at(5), 'a varnish mends nothing');
    }

    /** Dust of the belt and mud of the coat soil each other, so one is tidied: it lies on nothing new and is no colour to mend with. */
    public function test_what_is_tidied_back_is_mended_with_what_lies_there_and_a_look_is_no_layer(): void
    {
        $areas = [PaintedOrder::area('coat', 'cloth', 1, ['belt']), PaintedOrder::area('belt', 'leather', 2), PaintedOrder::area('figure', 'whole')];
        $order = new PaintedOrder(
            [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('mud', 'light', messy: true), PaintedOrder::technique('look', 'tidy', more: ['look' => true])],
            ['whole' => [['technique' => 'look']], 'cloth' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'mud']], 'leather' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'mud']]],
            $areas,
        );
        $words = $order->words();
        $type = new FigureType('Small', SizeClass::Foot, $areas);
        $tidied = array_values(array_filter(array_keys($words), static fn (int $at): bool => str_starts_with($words[$at], 'tidy ')))[0] ?? self::fail('Nothing is tidied: '.implode(', ', $words));
        $area = substr($words[$tidied], 5);
        $hand = AtHand::at($tidied, $order->work->items, $type);

        self::assertSame("{$area} mud", $words[$hand->below ?? 0]);
        $other = $area === 'coat' ? 'belt' : 'coat';
        self::assertSame([$other => array_search("{$other} base", $words, true)], $hand->neighbours);
        foreach (array_keys($words) as $at) {
            $below = AtHand::at($at, $order->work->items, $type)->below;
            self::assertTrue($below === null || ! str_starts_with($words[$below], 'tidy '), "{$words[$at]} lies on no tidying");
        }
    }
}
