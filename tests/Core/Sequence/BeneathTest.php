<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Sequence\Beneath;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

final class BeneathTest extends TestCase
{
    public function test_a_varnish_lies_on_the_last_step_of_every_area_and_a_wash_on_its_base(): void
    {
        $areas = [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('belt', 'leather', 2), PaintedOrder::area('glass', 'lens', 3)];
        $order = new PaintedOrder(
            [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'), PaintedOrder::technique('varnish', 'finish', 'transparent')],
            ['whole' => [['technique' => 'varnish', 'except' => ['lens']]], 'cloth' => [['technique' => 'base'], ['technique' => 'wash']], 'leather' => [['technique' => 'base']], 'lens' => [['technique' => 'base']]],
            $areas,
        );
        self::assertSame(['coat base', 'coat wash', 'belt base', 'figure varnish', 'glass base'], $order->words());

        self::assertSame([[], [0], [], [2, 1], []], Beneath::of($order->work->items, new FigureType('Small', SizeClass::Foot, $areas)));
    }
}
