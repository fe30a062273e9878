<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Sequence\Looks;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** A look between stages, "flat and opaque before any shade", and what waits for it. */
final class LooksTest extends TestCase
{
    public function test_it_comes_after_all_base_colours_and_before_any_shade(): void
    {
        [$order] = self::looked();

        self::assertSame(['coat base', 'belt base', 'figure look'], array_slice($order->words(), 0, 3));
    }

    public function test_what_comes_after_it_waits_and_what_is_looked_at_comes_before(): void
    {
        [$order, $looks] = self::looked();
        self::assertSame(['coat base', 'belt base', 'figure look', 'coat wash', 'belt wash', 'ground sand'], $order->words());

        self::assertSame([[], [], [], [2], [2], []], array_map($looks->before(...), range(0, 5)), 'the ground is left out of it');
    }

    public function test_it_is_due_when_all_that_is_looked_at_is_settled_and_nobody_has_looked(): void
    {
        [, $looks] = self::looked();

        self::assertSame([[], [], [2], []], array_map($looks->due(...), [[], [0], [0, 1], [0, 1, 2]]));
    }

    public function test_without_a_look_nothing_waits(): void
    {
        $order = new PaintedOrder([PaintedOrder::technique('base', 'lay-in')], ['cloth' => [['technique' => 'base']]], [PaintedOrder::area('coat', 'cloth')]);
        $looks = Looks::along($order->work->items, new FigureType('Small', SizeClass::Foot, [PaintedOrder::area('coat', 'cloth')]));

        self::assertSame([[], []], [$looks->before(0), $looks->due([0])]);
    }

    /** @return array{PaintedOrder, Looks} */
    private static function looked(): array
    {
        $areas = [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('belt', 'leather', 2), PaintedOrder::area('ground', 'stone', 8)];
        $order = new PaintedOrder(
            [PaintedOrder::technique('look', 'tidy', 'transparent', false, ['look' => true]), PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'), PaintedOrder::technique('sand', 'base')],
            [
                'whole' => [['technique' => 'look', 'stage' => 'shade', 'except' => ['stone']]],
                'cloth' => [['technique' => 'base'], ['technique' => 'wash']],
                'leather' => [['technique' => 'base'], ['technique' => 'wash']],
                'stone' => [['technique' => 'sand']],
            ],
            $areas,
        );

        return [$order, Looks::along($order->work->items, new FigureType('Small', SizeClass::Foot, $areas))];
    }
}
