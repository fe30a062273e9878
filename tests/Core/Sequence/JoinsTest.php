<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Sequence\Join;
use Core\Sequence\Joins;
use Core\Sequence\PlannedStep;
use Core\Standard\Area;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** When parts that are painted apart are joined. Common practice, no source. */
final class JoinsTest extends TestCase
{
    public function test_a_figure_of_one_part_is_joined_to_nothing(): void
    {
        self::assertSame([], self::joins([self::area('coat', 0.6), self::area('face', 0.4, neighbours: ['coat'])]));
    }

    public function test_a_part_is_joined_once_nothing_is_left_on_it_and_on_what_it_touches(): void
    {
        $areas = [self::area('feathers', 0.6, 'heron', ['saddle']), self::area('cloak', 0.2, 'rider'), self::area('saddle', 0.2, 'rider', ['feathers'])];

        self::assertSame(['rider to heron after saddle light: saddle/feathers'], self::joins($areas));
    }

    public function test_what_lies_over_the_figure_as_one_is_not_waited_for(): void
    {
        $areas = [new TypeArea(new Area('figure', 'whole', 1.0), '', 0, false, []), self::area('feathers', 0.6, 'heron', ['cloak']), self::area('cloak', 0.4, 'rider', ['feathers'])];

        self::assertSame(['rider to heron after cloak light: cloak/feathers'], self::joins($areas));
    }

    public function test_each_joins_the_largest_that_it_touches_and_one_that_touches_nothing_known_the_largest_of_all(): void
    {
        $areas = [
            self::area('marsh', 0.15, 'ground', ['legs']), self::area('feathers', 0.5, 'heron', ['cloak']), self::area('legs', 0.05, 'heron'),
            self::area('cloak', 0.2, 'rider', ['lance']), self::area('lance', 0.05, 'lance'), self::area('shield', 0.05, 'shield'),
        ];

        $joins = self::joins($areas);
        sort($joins);
        self::assertSame([
            'ground to heron after legs light: marsh/legs',
            'lance to rider after lance light: lance/cloak',
            'rider to heron after cloak light: cloak/feathers',
            'shield to heron after shield light: ',
        ], $joins);
    }

    public function test_a_ground_that_is_made_apart_and_a_part_without_a_name_are_called_what_they_are(): void
    {
        $areas = [self::area('coat', 0.8, '', ['earth']), new TypeArea(new Area('earth', 'ground', 0.2), ' (ground, apart)', 0, false, [], ['coat'])];

        self::assertSame(['the ground to the figure after coat light: earth/coat'], self::joins($areas));
    }

    /** @param  list<string>  $neighbours */
    private static function area(string $id, float $share, string $part = '', array $neighbours = []): TypeArea
    {
        return new TypeArea(new Area($id, 'cloth', $share), $part, 0, false, [], $neighbours);
    }

    /**
     * @param  list<TypeArea>  $areas
     * @return list<string>
     */
    private static function joins(array $areas): array
    {
        $uses = [['technique' => 'base', 'minutes' => 5], ['technique' => 'light', 'minutes' => 5]];
        $order = new PaintedOrder(
            [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('light', 'light'), PaintedOrder::technique('varnish', 'finish')],
            ['cloth' => $uses, 'ground' => [['technique' => 'base', 'minutes' => 5]], 'whole' => [['technique' => 'varnish', 'minutes' => 3]]],
            $areas,
        );
        $items = $order->work->items;

        return array_map(static function (Join $join) use ($items): string {
            $item = $items[$join->item];
            self::assertInstanceOf(PlannedStep::class, $item);
            $contacts = implode(', ', array_map(static fn (array $contact): string => "{$contact['area']}/{$contact['other']}", $join->contacts));

            return "{$join->part} to {$join->to} after {$item->step->area->area->id} {$item->step->laid->use->id}: {$contacts}";
        }, Joins::along($items, new FigureType('Small', SizeClass::Foot, $areas)));
    }
}
