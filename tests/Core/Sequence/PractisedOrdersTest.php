<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use PHPUnit\Framework\TestCase;
use Tests\Core\Support\PaintedOrder;

/** Ways of painting that spoiled work when they were laid out in waves, each as a painter would do it. Common practice, no source. */
final class PractisedOrdersTest extends TestCase
{
    public function test_stain_and_pale_drybrush_over_everything_then_colours(): void
    {
        $order = new PaintedOrder(
            [self::of('spray', 'ground'), self::of('brown-stain', 'shade', 'transparent', true), self::of('pale-drybrush', 'light', 'semi', true), self::of('base', 'lay-in'), self::of('line', 'light')],
            [
                'whole' => [['technique' => 'spray'], ['technique' => 'brown-stain', 'stage' => 'lay-in'], ['technique' => 'pale-drybrush', 'stage' => 'lay-in']],
                'cloth' => [['technique' => 'base', 'minutes' => 10], ['technique' => 'line', 'minutes' => 5]],
                'leather' => [['technique' => 'base', 'minutes' => 5]],
            ],
            [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 2, ['belt']), PaintedOrder::area('belt', 'leather', 3)],
        );

        self::assertSame(['figure spray', 'figure brown-stain', 'figure pale-drybrush', 'coat base', 'coat line', 'belt base'], $order->words());
        self::assertSame(['figure pale-drybrush: whole'], $order->waitsFor('coat base'));
    }

    public function test_one_wash_over_all_base_colours_with_glass_left_out(): void
    {
        $order = new PaintedOrder(
            [self::of('base', 'lay-in'), self::of('wash', 'shade', 'transparent', true), self::of('line', 'light'), self::of('gloss', 'detail', 'transparent')],
            [
                'whole' => [['technique' => 'wash', 'except' => ['glass']]],
                'cloth' => [['technique' => 'base'], ['technique' => 'line']],
                'leather' => [['technique' => 'base']],
                'glass' => [['technique' => 'base'], ['technique' => 'gloss']],
            ],
            [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1, ['visor']), PaintedOrder::area('belt', 'leather', 2), PaintedOrder::area('visor', 'glass', 3)],
        );

        self::assertSame(['coat base', 'belt base', 'figure wash', 'coat line', 'visor base', 'visor gloss'], $order->words());
        self::assertSame([], $order->waitsFor('visor base'), 'glass is free of it');
        self::assertSame(['figure wash: whole'], $order->waitsFor('coat line'), 'that it comes after its base follows');
    }

    public function test_two_drybrushes_on_one_plate_beside_four_plain_coats_need_no_tidying(): void
    {
        $order = new PaintedOrder(
            [self::of('base', 'lay-in'), self::of('drybrush', 'light', 'semi', true)],
            [
                'plate' => [['technique' => 'base'], ['id' => 'first', 'technique' => 'drybrush'], ['id' => 'second', 'technique' => 'drybrush']],
                'cloth' => [['technique' => 'base']],
            ],
            [
                PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('hose', 'cloth', 1), PaintedOrder::area('sash', 'cloth', 2), PaintedOrder::area('hood', 'cloth', 2),
                PaintedOrder::area('cuirass', 'plate', 4, ['coat', 'hose', 'sash', 'hood']),
            ],
        );

        self::assertSame(['cuirass base', 'cuirass first', 'cuirass second', 'coat base', 'hose base', 'sash base', 'hood base'], $order->words());
        self::assertSame(0.0, $order->work->tidyMinutes);
    }

    public function test_teeth_and_eyes_come_after_the_skin_and_a_gem_after_its_setting(): void
    {
        $order = new PaintedOrder(
            [self::of('base', 'lay-in'), self::of('wash', 'shade', 'transparent', true), self::of('light', 'light', 'semi'), self::of('dot', 'detail'), self::of('metal', 'lay-in')],
            [
                'skin' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'light']], 'eye' => [['technique' => 'dot']], 'bone' => [['technique' => 'base'], ['technique' => 'wash']],
                'gem' => [['technique' => 'base'], ['technique' => 'dot']], 'metal' => [['technique' => 'metal'], ['technique' => 'wash']],
            ],
            [
                PaintedOrder::area('eyes', 'eye', 0, [], 'face'), PaintedOrder::area('teeth', 'bone', 0, [], 'face'), PaintedOrder::area('face', 'skin', 1),
                PaintedOrder::area('gem', 'gem', 0, [], 'ring'), PaintedOrder::area('ring', 'metal', 5),
            ],
        );
        $words = $order->words();

        self::assertSame(['face light: on'], $order->waitsFor('eyes dot'));
        self::assertSame(['face light: on'], $order->waitsFor('teeth base'));
        self::assertSame(['ring wash: on'], $order->waitsFor('gem base'));
        self::assertSame(['face base', 'face wash', 'face light'], array_slice($words, 0, 3));
        self::assertLessThan(array_search('gem base', $words, true), array_search('ring wash', $words, true));
        self::assertNotContains('tidy face', $words, 'nothing is known of what touches the teeth');
    }

    public function test_metals_first_then_the_ground_colour_again_then_stains(): void
    {
        $order = new PaintedOrder(
            [self::of('steel-drybrush', 'lay-in', 'semi', true), self::of('ground-again', 'lay-in'), self::of('stain', 'shade', 'transparent')],
            ['plate' => [['technique' => 'steel-drybrush', 'minutes' => 10]], 'cloth' => [['technique' => 'ground-again', 'minutes' => 5], ['technique' => 'stain', 'minutes' => 10]]],
            [PaintedOrder::area('coat', 'cloth', 1, ['mail', 'hood']), PaintedOrder::area('hood', 'cloth', 1, ['mail']), PaintedOrder::area('mail', 'plate', 4)],
        );

        // The ground colour again hides the dust of the metal; the other way round both cloths would be tidied.
        self::assertSame(['mail steel-drybrush', 'coat ground-again', 'hood ground-again', 'coat stain', 'hood stain'], $order->words());
    }

    public function test_all_is_varnished_and_then_come_the_metals(): void
    {
        $order = new PaintedOrder(
            [self::of('base', 'lay-in'), self::of('varnish', 'finish', 'transparent'), self::of('metal', 'lay-in', more: ['comes_after' => [['technique' => 'varnish', 'why' => 'protection', 'where' => 'figure']]]), self::of('dot', 'detail')],
            ['whole' => [['technique' => 'varnish', 'except' => ['metal', 'gem']]], 'cloth' => [['technique' => 'base']], 'metal' => [['technique' => 'metal']], 'gem' => [['technique' => 'dot']]],
            [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('gem', 'gem', 0, [], 'clasp'), PaintedOrder::area('clasp', 'metal', 1), PaintedOrder::area('coat', 'cloth', 2)],
        );

        self::assertSame(['coat base', 'figure varnish', 'clasp metal', 'gem dot'], $order->words());
        self::assertSame(['figure varnish: technique'], $order->waitsFor('clasp metal'));
    }

    public function test_sand_thinned_coat_and_three_drybrushes_come_before_the_boots(): void
    {
        $sand = [self::of('sand', 'base', 'opaque', true), self::of('thinned', 'lay-in', 'transparent', true), self::of('drybrush', 'light', 'semi', true), self::of('base', 'lay-in'), self::of('wash', 'shade', 'transparent', true)];
        $order = new PaintedOrder(
            $sand,
            [
                'leather' => [['technique' => 'base', 'minutes' => 20], ['technique' => 'wash', 'minutes' => 10]],
                'ground' => [['technique' => 'sand', 'minutes' => 5], ['technique' => 'thinned', 'minutes' => 2], ['id' => 'dark', 'technique' => 'drybrush', 'minutes' => 2], ['id' => 'mid', 'technique' => 'drybrush', 'minutes' => 2], ['id' => 'pale', 'technique' => 'drybrush', 'minutes' => 2]],
            ],
            [PaintedOrder::area('boots', 'leather', 3, ['soil']), PaintedOrder::area('soil', 'ground', 8)],
        );

        self::assertSame(['soil sand', 'soil thinned', 'soil dark', 'soil mid', 'soil pale', 'boots base', 'boots wash', 'tidy soil'], $order->words(), 'the wash of the boots runs onto the ground: that is one touch, not four');
    }

    public function test_the_uniform_with_its_drybrush_comes_before_the_kit(): void
    {
        $order = new PaintedOrder(
            [self::of('base', 'lay-in'), self::of('wash', 'shade', 'transparent', true), self::of('drybrush', 'light', 'semi', true), self::of('line', 'light')],
            [
                'cloth' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'drybrush']],
                'kit' => [['technique' => 'base'], ['technique' => 'line']],
            ],
            [PaintedOrder::area('straps', 'kit', 1, ['tunic']), PaintedOrder::area('pouch', 'kit', 1, ['tunic']), PaintedOrder::area('tunic', 'cloth', 2)],
        );

        self::assertSame(['tunic base', 'tunic wash', 'tunic drybrush', 'straps base', 'pouch base', 'straps line', 'pouch line'], $order->words());
    }

    public function test_a_figure_all_in_stains_with_one_messy_area_begins_with_that(): void
    {
        $order = new PaintedOrder(
            [self::of('stain', 'lay-in', 'transparent'), self::of('rust', 'wear', 'semi', true), self::of('line', 'light')],
            ['cloth' => [['technique' => 'stain'], ['technique' => 'line']], 'metal' => [['technique' => 'stain'], ['technique' => 'rust']]],
            [PaintedOrder::area('coat', 'cloth', 1, ['plate']), PaintedOrder::area('cape', 'cloth', 2, ['plate']), PaintedOrder::area('plate', 'metal', 5)],
        );

        self::assertSame(['plate stain', 'plate rust', 'coat stain', 'coat line', 'cape stain', 'cape line'], $order->words());
        self::assertSame([], $order->waitsFor('plate stain'), 'it is free: it goes first because that saves two tidyings');
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function of(string $id, string $group, string $opacity = 'opaque', bool $messy = false, array $more = []): array
    {
        return PaintedOrder::technique($id, $group, $opacity, $messy, $more);
    }
}
