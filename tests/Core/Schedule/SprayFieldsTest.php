<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Schedule\LaidLine;
use Core\Schedule\SprayField;
use Core\Schedule\SprayFields;
use Core\Schedule\SprayTimes;
use Core\Sequence\PlannedStep;
use Core\Sequence\TidyBack;
use Core\Standard\Area;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/**
 * Brush or spray: `set up + clean + spray + neighbours × mask` against minutes by brush, for the whole batch. Common practice,
 * no source; the numbers are worked by hand.
 */
final class SprayFieldsTest extends TestCase
{
    public function test_a_first_field_with_nothing_painted_round_it_needs_no_mask_and_pays_from_some_figures_on(): void
    {
        // 6 minutes by brush, a quarter of it by spray: 4.5 saved on each figure, 20 spent once. 20 / 4.5 = 4.44.
        self::assertSame([5, false], [self::coat(4)->from, self::coat(4)->pays()]);
        self::assertSame([5, true, 30.0, 27.5], [self::coat(5)->from, self::coat(5)->pays(), self::coat(5)->byBrush, self::coat(5)->bySpray]);
        self::assertSame([[], ['coat']], [self::coat(5)->masked, self::coat(5)->areas]);
    }

    public function test_it_does_not_pay_where_it_takes_just_as_long(): void
    {
        // 20 minutes once and nothing else: 4 figures of 5 minutes are even, a fifth is quicker.
        $even = static fn (int $figures): SprayField => new SprayField(['coat'], 0, 'Ochre', false, [], $figures, 5.0 * $figures, new SprayTimes(12, 8, 4, 0));

        self::assertSame([5, false, true], [$even(4)->from, $even(4)->pays(), $even(5)->pays()]);
        self::assertSame(20.0, $even(4)->bySpray);
    }

    public function test_a_neighbour_with_paint_is_masked_and_masks_can_cost_more_than_the_brush(): void
    {
        [$coat, $belt] = self::fields(17, ['cloth' => 'base', 'leather' => 'late', 'felt' => 'layer'], neighbours: [['belt'], []]);

        self::assertSame([[], ['coat']], [$coat->masked, $belt->masked]);
        // 4.5 saved by spraying less 4 for the mask: 20 / 0.5 = 40, so that it takes 41 figures to pay.
        self::assertSame([41, false], [$belt->from, $belt->pays()]);
        self::assertSame(20.0 + 17 * 1.5 + 17 * 4, $belt->bySpray);
        // Two masks are 8 minutes: more than the brush takes at all.
        self::assertSame([null, false], [($field = new SprayField(['belt'], 0, '', false, ['coat', 'hat'], 17, 102.0, new SprayTimes(12, 8, 4, 0.25)))->from, $field->pays()]);
    }

    public function test_a_field_that_waits_for_no_paint_is_reckoned_as_the_first_colour(): void
    {
        $free = self::fields(17, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base']);
        $bound = self::fields(17, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'late']);

        self::assertSame([[false, []], [true, []], [true, []]], array_map(static fn (SprayField $field): array => [$field->first, $field->masked], $free));
        self::assertSame([false, ['belt']], [$bound[2]->first, $bound[2]->masked]);
    }

    public function test_a_small_field_is_left_to_the_brush(): void
    {
        $areas = static fn (float $share): array => array_map(static fn (SprayField $field): array => $field->areas, self::fields(17, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base'], paints: ['Ochre', 'Ochre', 'Slate'], times: new SprayTimes(12, 8, 4, 0.25, $share)));

        self::assertSame([['coat', 'belt'], ['hat']], $areas(0.3));
        self::assertSame([['coat', 'belt']], $areas(0.31), 'two fields of one paint are large together');
        self::assertSame([], $areas(0.61));
    }

    public function test_a_bare_neighbour_is_masked_where_a_stain_needs_its_ground(): void
    {
        self::assertSame(['belt'], self::fields(9, ['cloth' => 'base', 'leather' => 'stain', 'felt' => 'base'])[0]->masked);
    }

    public function test_fields_of_one_paint_are_one_and_do_not_mask_each_other(): void
    {
        $fields = self::fields(6, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base'], paints: ['Ochre', 'Ochre', 'Slate']);

        self::assertSame([['coat', 'belt'], ['hat']], array_map(static fn (SprayField $field): array => $field->areas, $fields));
        self::assertSame([72.0, 'Ochre', 1], [$fields[0]->byBrush, $fields[0]->paint, $fields[0]->line]);
        self::assertSame([[], true], [$fields[1]->masked, $fields[1]->first], 'the belt is bare if the hat comes first');
    }

    public function test_paints_that_are_not_known_are_not_taken_for_one(): void
    {
        self::assertCount(3, self::fields(6, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base'], paints: ['', '', '']));
    }

    public function test_of_a_field_whose_neighbours_nobody_named_nothing_is_said(): void
    {
        $fields = self::fields(17, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base'], neighbours: [['belt'], []]);

        self::assertSame([['coat'], ['belt']], array_map(static fn (SprayField $field): array => $field->areas, $fields));
    }

    public function test_what_is_made_apart_needs_no_mask(): void
    {
        self::assertSame([['belt'], []], array_map(static fn (string $part): array => self::fields(17, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'late'], part: $part)[2]->masked, ['', 'head']));
    }

    /** @param  list<string>  $areas */
    #[DataProvider('whatIsNoBrushLayIn')]
    public function test_only_what_a_brush_lays_in_over_a_whole_field_is_asked_of(string $technique, array $areas): void
    {
        self::assertSame($areas, array_merge(...array_map(static fn (SprayField $field): array => $field->areas, self::fields(17, ['cloth' => $technique, 'leather' => 'base', 'felt' => 'base']))));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function whatIsNoBrushLayIn(): iterable
    {
        yield 'it is sprayed already' => ['sprayed', ['belt', 'hat']];
        yield 'its tool is an airbrush' => ['aired', ['belt', 'hat']];
        yield 'either will do' => ['either', ['coat', 'belt', 'hat']];
        yield 'a stain pools where it likes' => ['stain', ['belt', 'hat']];
        yield 'a light is no field' => ['layer', ['belt', 'hat']];
    }

    public function test_minutes_and_shares_that_cannot_be_are_refused(): void
    {
        foreach ([[-1, 8, 4, 0.5], [12, -1, 4, 0.5], [12, 8, -1, 0.5], [12, 8, 4, -0.1], [12, 8, 4, 1.1]] as $numbers) {
            try {
                new SprayTimes(...$numbers);
                self::fail(implode(' ', $numbers));
            } catch (OutOfRange $refusal) {
                self::assertSame('out-of-range', $refusal->code());
            }
        }
        self::assertSame(1.0, (new SprayTimes(0, 0, 0, 1))->share);
    }

    private static function coat(int $figures): SprayField
    {
        return self::fields($figures, ['cloth' => 'base', 'leather' => 'base', 'felt' => 'base'])[0];
    }

    /**
     * A coat, a belt on it and a hat that borders on the belt, six minutes each.
     *
     * @param  array<string, string>  $techniques by surface
     * @param  list<string>  $paints by area
     * @param  array{list<string>, list<string>}  $neighbours of the coat and of the belt
     * @return list<SprayField>
     */
    private static function fields(int $figures, array $techniques, array $paints = ['Ochre', 'Peat', 'Slate'], array $neighbours = [['belt'], ['hat']], string $part = '', SprayTimes $times = new SprayTimes(12, 8, 4, 0.25)): array
    {
        $areas = [
            PaintedOrder::area('figure', 'whole'), self::field('coat', 'cloth', 1, $neighbours[0]),
            self::field('belt', 'leather', 2, $neighbours[1]), self::field('hat', 'felt', 3, [], $part),
        ];
        $order = new PaintedOrder(
            [
                PaintedOrder::technique('prime', 'ground'), PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('stain', 'lay-in', 'transparent'), PaintedOrder::technique('layer', 'light'),
                PaintedOrder::technique('sprayed', 'lay-in', more: ['name' => 'Sprayed lay-in']),
                PaintedOrder::technique('aired', 'lay-in', more: ['tool' => 'airbrush']), PaintedOrder::technique('late', 'lay-in', more: ['comes_after' => [['technique' => 'base', 'why' => 'access', 'where' => 'figure']]]), PaintedOrder::technique('either', 'lay-in', more: ['tool' => 'spray or brush']),
            ],
            ['whole' => [['technique' => 'prime']], ...array_map(static fn (string $technique): array => [['technique' => $technique]], $techniques)],
            $areas,
        );
        $paintOf = array_combine(['coat', 'belt', 'hat'], $paints);
        $lines = array_map(static fn (PlannedStep|TidyBack $item): LaidLine => new LaidLine($item, $item instanceof PlannedStep ? $paintOf[$item->step->area->area->id] ?? 'Primer' : '', $figures, 6.0 * $figures), $order->work->items);

        return (new SprayFields(new FigureType('Small', SizeClass::Foot, $areas), $times))->along($lines);
    }

    /** @param  list<string>  $neighbours */
    private static function field(string $id, string $surface, int $depth, array $neighbours, string $part = ''): TypeArea
    {
        return new TypeArea(new Area($id, $surface, 0.3), $part, $depth, false, [], $neighbours);
    }
}
