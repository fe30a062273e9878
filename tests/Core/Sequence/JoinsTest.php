<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Sequence\Join;
use Core\Sequence\Joins;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
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

    public function test_they_come_as_they_can_be_joined(): void
    {
        $areas = [
            self::area('feathers', 0.5, 'heron', ['cloak', 'lance', 'shield']), self::area('cloak', 0.3, 'rider'), self::area('lance', 0.1, 'lance'), self::area('shield', 0.1, 'shield'),
        ];
        $items = array_column(self::found($areas)[0], 'item');
        $sorted = $items;
        sort($sorted);

        self::assertCount(3, $items);
        self::assertSame($sorted, $items);
    }

    public function test_parts_may_have_numbers_for_names(): void
    {
        $areas = [self::area('feathers', 0.6, '1', ['cloak']), self::area('cloak', 0.3, '2', ['shield']), self::area('shield', 0.1, '3')];

        $joins = self::joins($areas);
        sort($joins);
        self::assertCount(2, $joins);
        self::assertStringStartsWith('2 to 1 after ', $joins[0]);
        self::assertStringStartsWith('3 to 2 after ', $joins[1]);
        self::assertStringEndsWith(': shield/cloak', $joins[1]);
    }

    public function test_parts_on_which_nothing_is_painted_are_joined_from_the_beginning(): void
    {
        $areas = [self::area('earth', 0.7, 'stand', ['stick'], 'ground'), self::area('stick', 0.3, 'stick', [], 'bare')];
        [$joins, $items] = self::found($areas);

        self::assertSame([['stick', 'stand', 0]], array_map(static fn (Join $join): array => [$join->part, $join->to, $join->item], $joins));
        self::assertInstanceOf(PlannedStep::class, $items[0]);
    }

    /** Two areas of one part soil each other; the last thing that is done on it is a tidying. */
    public function test_a_part_waits_for_what_is_tidied_on_it_too(): void
    {
        $areas = [self::area('feathers', 0.5, 'heron', ['neck', 'cloak'], 'down'), self::area('neck', 0.2, 'heron', [], 'down'), self::area('cloak', 0.3, 'rider', [], 'ground')];
        [$joins, $items] = self::found($areas);
        $last = array_key_last(array_filter($items, static fn (PlannedStep|TidyBack $item): bool => ($item instanceof TidyBack ? $item->area : $item->step->area)->part === 'heron')) ?? self::fail('Nothing is painted on the heron.');

        self::assertInstanceOf(TidyBack::class, $items[$last]);
        self::assertSame($last, $joins[0]->item);
    }

    public function test_a_ground_that_is_made_apart_and_a_part_without_a_name_are_called_what_they_are(): void
    {
        $areas = [self::area('coat', 0.8, '', ['earth']), new TypeArea(new Area('earth', 'ground', 0.2), ' (ground, apart)', 0, false, [], ['coat'])];

        self::assertSame(['the ground to the figure after coat light: earth/coat'], self::joins($areas));
    }

    /** @param  list<string>  $neighbours */
    private static function area(string $id, float $share, string $part = '', array $neighbours = [], string $surface = 'cloth'): TypeArea
    {
        return new TypeArea(new Area($id, $surface, $share), $part, 0, false, [], $neighbours);
    }

    /**
     * @param  list<TypeArea>  $areas
     * @return array{list<Join>, list<PlannedStep|TidyBack>} with all items of the order
     */
    private static function found(array $areas): array
    {
        $uses = [['technique' => 'base', 'minutes' => 5], ['technique' => 'light', 'minutes' => 5]];
        $order = new PaintedOrder(
            [PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('light', 'light'), PaintedOrder::technique('dust', 'light', messy: true), PaintedOrder::technique('varnish', 'finish')],
            ['cloth' => $uses, 'ground' => [['technique' => 'base', 'minutes' => 5]], 'down' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'dust', 'minutes' => 1]], 'bare' => [], 'whole' => [['technique' => 'varnish', 'minutes' => 3]]],
            $areas,
        );

        return [Joins::along($order->work->items, new FigureType('Small', SizeClass::Foot, $areas)), $order->work->items];
    }

    /**
     * @param  list<TypeArea>  $areas
     * @return list<string>
     */
    private static function joins(array $areas): array
    {
        [$joins, $items] = self::found($areas);

        return array_map(static function (Join $join) use ($items): string {
            $item = $items[$join->item];
            self::assertInstanceOf(PlannedStep::class, $item);
            $contacts = implode(', ', array_map(static fn (array $contact): string => "{$contact['area']}/{$contact['other']}", $join->contacts));

            return "{$join->part} to {$join->to} after {$item->step->area->area->id} {$item->step->laid->use->id}: {$contacts}";
        }, $joins);
    }
}
