<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Schedule\Coats;
use Core\Schedule\Laying;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;

/** The coats of a small figure of a coat and a belt, with the minutes that a test gives each step. */
final class LaidCoats
{
    /**
     * @param  array<string, list<array<string, mixed>>>  $asked by surface
     * @param  array<string, Laying>  $layings by step, as "coat base"
     * @param  list<string>  $wet what a decal is laid into
     */
    public static function of(array $asked, array $layings, array $wet = ['wash']): Coats
    {
        $areas = ['whole' => PaintedOrder::area('figure', 'whole'), 'cloth' => PaintedOrder::area('coat', 'cloth', 1), 'leather' => PaintedOrder::area('belt', 'leather', 2)];
        $areas = array_values(array_intersect_key($areas, $asked));
        $order = new PaintedOrder([
            PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('wash', 'shade', 'transparent'),
            PaintedOrder::technique('decal', 'marking', 'opaque', false, ['wet_into' => $wet]),
        ], $asked, $areas);
        $items = $order->work->items;
        $name = static fn (PlannedStep|TidyBack $item): string => $item instanceof PlannedStep ? "{$item->step->area->area->id} {$item->step->laid->use->id}" : '';

        return Coats::of($items, array_map(static fn (PlannedStep|TidyBack $item): Laying => $layings[$name($item)], $items), new FigureType('Small', SizeClass::Foot, $areas));
    }
}
