<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\School\Schools;
use Core\Sequence\GroundApart;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;
use Tests\Core\Support\PaintedOrder;

/** What a school does to the order of steps, each as a painter who holds to it would work. Common practice, no source. */
final class SchoolsInOrderTest extends TestCase
{
    /** A coat, mail under it, a gem in the mail's clasp. */
    private const ASKED = [
        'whole' => [['technique' => 'primer'], ['technique' => 'varnish']],
        'cloth' => [['technique' => 'base'], ['technique' => 'line']],
        'metal' => [['technique' => 'steel'], ['technique' => 'wash'], ['id' => 'shine', 'technique' => 'line']],
        'gem' => [['technique' => 'base']],
    ];

    public function test_where_nobody_has_chosen_metals_stand_where_their_depth_puts_them(): void
    {
        $order = self::of([]);

        self::assertSame(['figure primer', 'coat base', 'coat line', 'mail steel', 'mail wash', 'mail shine', 'gem base', 'figure varnish'], $order->words());
    }

    public function test_metals_first_are_laid_in_shaded_and_lit_before_other_paint(): void
    {
        $order = self::of(['metals' => 'first']);

        self::assertSame(['figure primer', 'mail steel', 'mail wash', 'mail shine', 'coat base', 'coat line', 'gem base', 'figure varnish'], $order->words());
        self::assertSame(['mail shine: school'], $order->waitsFor('coat base'));
        self::assertContains('In this school metals come first (mistakes are cheap): it waits for line, mail.', $order->why('coat base'));
        self::assertContains('In this school metals come first (mistakes are cheap): other paint waits for it.', $order->why('mail steel'));
    }

    public function test_metals_last_come_after_the_varnish_which_leaves_them_out_and_what_sits_on_them_after_that(): void
    {
        $order = self::of(['metals' => 'last']);

        self::assertSame(['figure primer', 'coat base', 'coat line', 'figure varnish', 'mail steel', 'mail wash', 'mail shine', 'gem base'], $order->words());
        self::assertSame(['figure varnish: school'], $order->waitsFor('mail steel'));
        self::assertSame([], $order->gaveWay());
        self::assertSame(['mail', 'gem'], $order->keptOff('figure varnish'), 'the sheet says that it is not laid there');
        self::assertContains('In this school metals come last: it is kept off mail; gem.', $order->why('figure varnish'));
        self::assertSame([], $order->keptOff('figure primer'), 'a primer is for all');
    }

    public function test_a_gloss_on_what_is_wet_is_no_varnish_over_all(): void
    {
        $order = self::of(['metals' => 'last'], ['whole' => [['technique' => 'varnish'], ['id' => 'gloss', 'technique' => 'varnish', 'extent' => 'spot']]]);

        self::assertSame(['coat base', 'coat line', 'figure varnish', 'mail steel', 'mail wash', 'mail shine', 'gem base', 'figure gloss'], $order->words());
    }

    public function test_a_varnish_of_its_own_on_other_areas_comes_before_metals_that_are_last(): void
    {
        $order = self::of(['metals' => 'last'], ['whole' => [], 'cloth' => [['technique' => 'base'], ['technique' => 'varnish']]]);

        self::assertSame(['coat base', 'coat varnish', 'mail steel', 'mail wash', 'mail shine', 'gem base'], $order->words());
    }

    public function test_a_whole_figure_wash_holds_over_the_school_which_gives_way_and_is_told(): void
    {
        $order = self::of(['metals' => 'first'], ['whole' => [['id' => 'grime', 'technique' => 'wash', 'stage' => 'light']]]);

        self::assertSame(['mail steel', 'mail wash', 'coat base', 'gem base', 'figure grime', 'mail shine', 'coat line'], $order->words());
        self::assertContains('coat base after mail shine: school', $order->gaveWay());
    }

    public function test_a_buckle_on_a_strap_waits_for_the_strap_though_metals_come_first(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base']], 'leather' => [['technique' => 'base']], 'metal' => [['technique' => 'steel']]], [
            PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('strap', 'leather', 2), PaintedOrder::area('buckle', 'metal', 5, [], 'strap'),
        ], ['metals' => 'first']);

        self::assertSame(['coat base', 'strap base', 'buckle steel'], $order->words(), 'and does not pull the strap before the coat');
    }

    public function test_a_surface_may_hold_to_another_school_than_the_studio(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base']], 'metal' => [['technique' => 'steel']], 'gold' => [['technique' => 'steel']], 'whole' => [['technique' => 'varnish']]], [
            PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('mail', 'metal', 3), PaintedOrder::area('crown', 'gold', 4),
        ], ['metals' => 'first'], ['gold' => ['metals' => 'last']]);

        self::assertSame(['mail steel', 'coat base', 'figure varnish', 'crown steel'], $order->words());
        self::assertSame(['crown'], $order->keptOff('figure varnish'));
    }

    public function test_an_area_may_hold_to_another_school_than_its_surface(): void
    {
        $crown = PaintedOrder::area('crown', 'metal', 4);
        $areas = [PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('mail', 'metal', 3)];
        $asked = ['cloth' => [['technique' => 'base']], 'metal' => [['technique' => 'steel']], 'whole' => [['technique' => 'varnish']]];
        $order = new PaintedOrder(self::techniques(), $asked, [...$areas, $crown->by(new Schools(['metals' => 'last']))], ['metals' => 'first']);

        self::assertSame(['mail steel', 'coat base', 'figure varnish', 'crown steel'], $order->words());
        self::assertSame(['crown'], $order->keptOff('figure varnish'));
        self::assertNotSame((new PaintedOrder(self::techniques(), $asked, [...$areas, $crown], ['metals' => 'first']))->key, $order->key);
    }

    public function test_a_rim_goes_with_a_ground_that_is_made_apart_by_itself(): void
    {
        $areas = static fn (TypeArea $soil): array => [PaintedOrder::area('boots', 'leather', 3, ['soil', 'rim']), $soil, PaintedOrder::area('rim', 'rim', 9)];
        $soil = PaintedOrder::area('soil', 'ground', 8, ['rim']);
        $asked = ['leather' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'wash', 'minutes' => 2]], 'ground' => [['technique' => 'sand', 'minutes' => 3]], 'rim' => [['technique' => 'base']]];

        $apart = $areas($soil->by(new Schools(['ground-cover' => 'apart'])));

        self::assertContains('tidy boots', (new PaintedOrder(self::techniques(), $asked, $areas($soil), ['ground-cover' => 'last']))->words());
        self::assertNotContains('tidy boots', (new PaintedOrder(self::techniques(), $asked, $apart, ['ground-cover' => 'last']))->words());
        $inParts = GroundApart::of(new FigureType('Small', SizeClass::Foot, $apart), Demo::standard())->areas;
        self::assertSame(['boots' => false, 'soil' => true, 'rim' => true], array_combine(
            array_map(static fn (TypeArea $area): string => $area->area->id, $inParts),
            array_map(static fn (TypeArea $area): bool => GroundApart::isMadeHere($area->part), $inParts),
        ));
    }

    public function test_metals_of_one_part_do_not_wait_for_another(): void
    {
        $order = new PaintedOrder(self::techniques(), ['cloth' => [['technique' => 'base']], 'metal' => [['technique' => 'steel']]], [
            PaintedOrder::area('coat', 'cloth', 1, part: 'rider'), PaintedOrder::area('bridle', 'metal', 2, part: 'mount'), PaintedOrder::area('saddle', 'cloth', 3, part: 'mount'),
        ], ['metals' => 'first']);

        self::assertSame([], $order->waitsFor('coat base'));
        self::assertSame(['bridle steel: school'], $order->waitsFor('saddle base'));
    }

    public function test_ground_covered_early_comes_before_the_boots_and_leaves_the_head_free(): void
    {
        $order = self::onItsBase('early');

        self::assertSame(['soil drybrush: school'], $order->waitsFor('boots base'));
        self::assertSame([], $order->waitsFor('head base'), 'nothing says that they touch');
        self::assertSame([], array_filter($order->waitsFor('boots base'), static fn (string $wait): bool => str_contains($wait, 'mud')), 'mud on the ground comes with that of the figure');
        self::assertContains('In this school the ground is covered before what borders on it (a sculpted base drybrushed): it waits for drybrush, soil.', $order->why('boots base'));
    }

    public function test_ground_covered_last_comes_after_all_other_paint_but_the_rim(): void
    {
        $order = self::onItsBase('last');
        $words = $order->words();

        self::assertGreaterThan(array_search('boots base', $words, true), array_search('soil sand', $words, true));
        self::assertGreaterThan(array_search('head base', $words, true), array_search('soil sand', $words, true));
        self::assertSame([], $order->waitsFor('rim base'), 'the rim is free');
        self::assertContains('tidy boots', $words, 'what it costs stands on the sheet');
    }

    public function test_ground_made_apart_soils_nothing_of_the_figure_but_its_rim(): void
    {
        $order = self::onItsBase('apart', rim: ['technique' => 'thin']);

        self::assertNotContains('tidy boots', $order->words());
        self::assertSame([], array_values(array_filter($order->words(), static fn (string $word): bool => $word === 'tidy soil')), 'nor does the wash of the boots run onto it');
        self::assertSame([], $order->waitsFor('boots base'));
    }

    public function test_a_choice_that_changes_an_order_changes_the_key_under_which_it_is_kept(): void
    {
        $keys = array_map(static fn (array $schools): string => self::of($schools)->key, [[], ['metals' => 'first'], ['metals' => 'last'], ['path' => 'step-by-step']]);

        self::assertCount(3, array_unique($keys));
        self::assertSame($keys[0], $keys[3], 'the path through a batch is no matter of one figure');
        self::assertNotSame(self::onItsBase('early')->key, self::onItsBase('apart')->key);
    }

    /**
     * @param  array<string, string>  $schools
     * @param  array<string, list<array<string, mixed>>>  $asked in place of what is asked
     */
    private static function of(array $schools, array $asked = []): PaintedOrder
    {
        return new PaintedOrder(self::techniques(), [...self::ASKED, ...$asked], [
            PaintedOrder::area('figure', 'whole'), PaintedOrder::area('coat', 'cloth', 1), PaintedOrder::area('mail', 'metal', 4), PaintedOrder::area('gem', 'gem', 5, [], 'mail'),
        ], $schools);
    }

    /** @param  array<string, mixed>  $rim */
    private static function onItsBase(string $school, array $rim = ['technique' => 'base']): PaintedOrder
    {
        return new PaintedOrder(
            self::techniques(),
            [
                'leather' => [['technique' => 'base', 'minutes' => 5], ['technique' => 'wash', 'minutes' => 2]], 'skin' => [['technique' => 'base']],
                'ground' => [['technique' => 'sand', 'minutes' => 3], ['technique' => 'drybrush', 'minutes' => 2], ['technique' => 'mud', 'minutes' => 1]], 'rim' => [$rim],
            ],
            [PaintedOrder::area('head', 'skin', 1), PaintedOrder::area('boots', 'leather', 3, ['soil']), PaintedOrder::area('soil', 'ground', 8, ['rim']), PaintedOrder::area('rim', 'rim', 9)],
            ['ground-cover' => $school],
        );
    }

    /** @return list<array<string, mixed>> */
    private static function techniques(): array
    {
        return [
            PaintedOrder::technique('primer', 'ground'), PaintedOrder::technique('base', 'lay-in'), PaintedOrder::technique('thin', 'lay-in', 'transparent'), PaintedOrder::technique('steel', 'lay-in'),
            PaintedOrder::technique('wash', 'shade', 'transparent', true), PaintedOrder::technique('line', 'light'), PaintedOrder::technique('drybrush', 'light', 'semi', true),
            PaintedOrder::technique('sand', 'base', 'opaque', true), PaintedOrder::technique('mud', 'wear', 'semi', true), PaintedOrder::technique('varnish', 'finish', 'transparent'),
        ];
    }
}
