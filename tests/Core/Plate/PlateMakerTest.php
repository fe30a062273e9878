<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Colour\Srgb;
use Core\Plate\Palette;
use Core\Plate\Plate;
use Core\Plate\PlateMaker;
use Core\Plate\Zone;
use Core\Plate\ZoneState;
use Core\Standard\Extent;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must hold for plates by the command contract, by hand and for random stacks. */
final class PlateMakerTest extends TestCase
{
    /** @return iterable<string, array{LiesOn, list<string>, list<string>}> must touch, must not touch */
    public static function reaches(): iterable
    {
        $all = array_column(Zone::cases(), 'value');
        yield 'all' => [LiesOn::All, $all, []];
        yield 'face' => [LiesOn::Face, ['face', 'high-face'], ['seam', 'recess']];
        yield 'recess' => [LiesOn::Recess, ['recess'], ['high-face', 'low-edge', 'edge']];
        yield 'edge' => [LiesOn::Edge, ['edge'], ['seam', 'recess', 'low-face', 'face', 'high-face']];
        yield 'point' => [LiesOn::Point, [], array_values(array_diff($all, ['point']))];
    }

    /**
     * @param  list<string>  $must
     * @param  list<string>  $never
     */
    #[DataProvider('reaches')]
    public function test_where_the_paint_of_a_technique_lies(LiesOn $liesOn, array $must, array $never): void
    {
        foreach (TechniqueGroup::cases() as $group) {
            foreach (Opacity::cases() as $opacity) {
                $touched = self::touched(self::plate([self::use($liesOn, $group, $opacity)]));
                self::assertSame([], array_diff($must, $touched), $group->value);
                self::assertSame([], array_intersect($never, $touched), $group->value);
            }
        }
    }

    public function test_a_narrower_extent_touches_no_zone_that_a_wider_one_does_not(): void
    {
        foreach (LiesOn::cases() as $liesOn) {
            foreach (TechniqueGroup::cases() as $group) {
                $wider = array_column(Zone::cases(), 'value');
                foreach (array_reverse(Extent::cases()) as $extent) {
                    $touched = self::touched(self::plate([self::use($liesOn, $group, Opacity::Semi, extent: $extent)]));
                    self::assertSame([], array_diff($touched, $wider), "{$group->value} on {$liesOn->value}, {$extent->value}");
                    $wider = $touched;
                }
            }
        }
    }

    public function test_nothing_touched_gives_the_ground(): void
    {
        foreach (self::plate([])->zones as $zone) {
            self::assertSame(['#202020', []], [$zone->colour->hex(), $zone->uses]);
        }
        self::assertSame(0.0, self::plate([])->span);
    }

    public function test_what_covers_gives_its_own_colour_where_it_lies(): void
    {
        $plate = self::plate([self::use(LiesOn::All, TechniqueGroup::LayIn), self::use(LiesOn::Edge, TechniqueGroup::Light, steps: 2)]);

        self::assertSame('#707070', self::zone($plate, Zone::Face)->colour->hex());
        self::assertSame('#c0c0c0', self::zone($plate, Zone::Edge)->colour->hex());
        self::assertSame(['lay-in-all', 'light-edge'], self::zone($plate, Zone::Edge)->uses);
    }

    public function test_the_last_light_is_taken_again_when_they_run_out(): void
    {
        $plate = self::plate([self::use(LiesOn::Edge, TechniqueGroup::Light, steps: 7)]);

        self::assertSame('#f0f0f0', self::zone($plate, Zone::Edge)->colour->hex());
    }

    public function test_work_that_leaves_no_colour_is_named_where_it_touches(): void
    {
        $plate = self::plate([self::use(LiesOn::All, TechniqueGroup::Finish, Opacity::Transparent)]);

        self::assertSame(['#202020', ['finish-all']], [self::zone($plate, Zone::Face)->colour->hex(), self::zone($plate, Zone::Face)->uses]);
    }

    public function test_the_span_is_from_the_darkest_to_the_lightest_zone(): void
    {
        $plate = self::plate([self::use(LiesOn::All, TechniqueGroup::LayIn), self::use(LiesOn::Recess, TechniqueGroup::Shade), self::use(LiesOn::Point, TechniqueGroup::Light)]);

        self::assertEqualsWithDelta(Srgb::fromHex('#909090')->lightness() - Srgb::fromHex('#303030')->lightness(), $plate->span, 1e-9);
    }

    /** @return iterable<string, array{int}> */
    public static function stacks(): iterable
    {
        for ($number = 1; $number <= 90; $number++) {
            yield "stack {$number}" => [$number];
        }
    }

    /** Stacks and colours drawn with a fixed start; at each use the laws of shades and lights are looked at. */
    #[DataProvider('stacks')]
    public function test_what_holds_for_random_stacks(int $number): void
    {
        mt_srand($number);
        $any = static fn (): Srgb => Srgb::fromHex(sprintf('#%06x', mt_rand(0, 0xFFFFFF)));
        $palette = new Palette($any(), $any(), $any(), [$any(), $any(), $any()], $any());
        $stack = [];
        for ($i = 0; $i < 9; $i++) {
            $stack[] = self::use(
                LiesOn::cases()[mt_rand(0, 4)], TechniqueGroup::cases()[mt_rand(1, 6)], Opacity::cases()[mt_rand(0, 2)],
                Extent::cases()[mt_rand(0, 3)], coats: mt_rand(1, 3), name: "use {$i}",
            );
        }
        $lights = 0;
        for ($i = 0; $i < 9; $i++) {
            [$use, $technique] = $stack[$i];
            $before = self::plate(array_slice($stack, 0, $i), $palette);
            $after = self::plate(array_slice($stack, 0, $i + 1), $palette);
            $colour = $palette->colour($technique->group, $lights);
            self::assertNotNull($colour);
            if ($technique->group === TechniqueGroup::Light) {
                $lights++;
                self::assertLightRaises($before->zones, $after->zones, $use->id, $colour);
            }
            if ($technique->group === TechniqueGroup::Shade && in_array($technique->liesOn, [LiesOn::All, LiesOn::Recess], true)) {
                self::assertShadeDeepens($before, $after, $colour);
            }
            if ($technique->group === TechniqueGroup::LayIn && $technique->opacity === Opacity::Transparent && $technique->liesOn === LiesOn::All) {
                self::assertStainPools($before, $after, $colour);
            }
        }
    }

    /** @return iterable<string, array{TechniqueGroup, Opacity, string}> */
    public static function layers(): iterable
    {
        foreach ([TechniqueGroup::LayIn, TechniqueGroup::Light, TechniqueGroup::Detail, TechniqueGroup::Marking, TechniqueGroup::Wear] as $group) {
            foreach ([Opacity::Semi, Opacity::Transparent] as $opacity) {
                foreach (['#000000', '#707070', '#8c3a26', '#f1efe6'] as $hex) {
                    // A transparent lay-in pools; that has a law of its own.
                    if ($group !== TechniqueGroup::LayIn || $opacity === Opacity::Semi) {
                        yield "{$group->value}, {$opacity->value}, {$hex}" => [$group, $opacity, $hex];
                    }
                }
            }
        }
    }

    /** A value sketch: dark over all, then light on the faces. One thin layer over all leaves them lighter. */
    #[DataProvider('layers')]
    public function test_what_lies_under_a_thin_layer_shows_through(TechniqueGroup $group, Opacity $opacity, string $hex): void
    {
        $colour = Srgb::fromHex($hex);
        $palette = new Palette(Srgb::fromHex('#808080'), $colour, $colour, [$colour], $colour, grounds: [Srgb::fromHex('#181818'), Srgb::fromHex('#e0e0e0')]);
        $plate = self::plate([self::use(LiesOn::All, TechniqueGroup::Ground, name: 'dark'), self::use(LiesOn::Face, TechniqueGroup::Ground, name: 'light'), self::use(LiesOn::All, $group, $opacity, name: 'layer')], $palette);

        self::assertGreaterThan(self::zone($plate, Zone::Recess)->colour->lightness(), self::zone($plate, Zone::Face)->colour->lightness());
        self::assertSame(['dark', 'light', 'layer'], self::zone($plate, Zone::Face)->uses);
    }

    public function test_grounds_are_taken_in_turn_and_the_last_again(): void
    {
        self::assertSame('#202020', self::ground([], ['#101010']), 'bare: what lies under all grounds');
        self::assertSame('#202020', self::ground(['a'], []));
        self::assertSame(['#101010', '#303030', '#303030'], [self::ground(['a'], ['#101010', '#303030']), self::ground(['a', 'b'], ['#101010', '#303030']), self::ground(['a', 'b', 'c'], ['#101010', '#303030'])]);
    }

    /**
     * The colour of a face after these uses lay a ground.
     *
     * @param  list<string>  $names
     * @param  list<string>  $grounds
     */
    private static function ground(array $names, array $grounds): string
    {
        $grey = Srgb::fromHex('#707070');
        $palette = new Palette(Srgb::fromHex('#202020'), $grey, $grey, [], $grey, grounds: array_map(Srgb::fromHex(...), $grounds));

        return self::zone(self::plate(array_map(static fn (string $name): array => self::use(LiesOn::All, TechniqueGroup::Ground, name: $name), $names), $palette), Zone::Face)->colour->hex();
    }

    public function test_a_shade_over_another_hue_leaves_the_recess_no_lighter_than_the_face(): void
    {
        // A blue film over yellow is darker on its way than it is by itself.
        $blue = Srgb::fromHex('#0000ff');
        $palette = new Palette(Srgb::fromHex('#565656'), Srgb::fromHex('#ffff00'), $blue, [], $blue);
        $plate = self::plate([self::use(LiesOn::Face, TechniqueGroup::LayIn, name: 'yellow'), self::use(LiesOn::All, TechniqueGroup::Shade, Opacity::Transparent, coats: 3, name: 'blue')], $palette);

        self::assertLessThanOrEqual(self::zone($plate, Zone::Face)->colour->lightness(), self::zone($plate, Zone::Recess)->colour->lightness());
    }

    /**
     * @param  list<ZoneState>  $before
     * @param  list<ZoneState>  $after
     */
    private static function assertLightRaises(array $before, array $after, string $use, Srgb $light): void
    {
        foreach ($after as $i => $zone) {
            if (in_array($use, $zone->uses, true) && $light->lightness() > $before[$i]->colour->lightness()) {
                self::assertGreaterThan($before[$i]->colour->lightness(), $zone->colour->lightness(), $zone->zone->value);
            }
        }
    }

    private static function assertShadeDeepens(Plate $before, Plate $after, Srgb $shade): void
    {
        $was = [self::zone($before, Zone::Recess)->colour->lightness(), self::zone($before, Zone::Face)->colour->lightness()];
        $is = [self::zone($after, Zone::Recess)->colour->lightness(), self::zone($after, Zone::Face)->colour->lightness()];
        if ($shade->lightness() < min($was)) {
            if ($was[0] === $was[1]) {
                self::assertGreaterThanOrEqual($was[1] - $is[1], $was[0] - $is[0]);
            }
            if ($was[0] <= $was[1]) {
                self::assertLessThanOrEqual($is[1], $is[0]);
            }
        }
    }

    /** A transparent lay-in that is darker than what it lies on never leaves the recess the lighter where it was not. */
    private static function assertStainPools(Plate $before, Plate $after, Srgb $stain): void
    {
        $was = [self::zone($before, Zone::Recess)->colour->lightness(), self::zone($before, Zone::Face)->colour->lightness()];
        if ($stain->lightness() < min($was) && $was[0] <= $was[1]) {
            self::assertLessThanOrEqual(self::zone($after, Zone::Face)->colour->lightness(), self::zone($after, Zone::Recess)->colour->lightness());
        }
    }

    /** @return array{TechniqueUse, Technique} */
    private static function use(
        LiesOn $liesOn, TechniqueGroup $group, Opacity $opacity = Opacity::Opaque, Extent $extent = Extent::Every, int $steps = 1, int $coats = 1, ?string $name = null,
    ): array {
        $id = $name ?? "{$group->value}-{$liesOn->value}";

        return [new TechniqueUse($id, [$id], $coats, $steps, $extent), new Technique($id, $id, $group, $opacity, $liesOn)];
    }

    /** @param  list<array{TechniqueUse, Technique}>  $stack */
    private static function plate(array $stack, ?Palette $palette = null): Plate
    {
        $standard = new Standard('s', '1', [], array_column($stack, 1), [], []);
        $palette ??= new Palette(Srgb::fromHex('#202020'), Srgb::fromHex('#707070'), Srgb::fromHex('#303030'), array_map(Srgb::fromHex(...), ['#909090', '#c0c0c0', '#f0f0f0']), Srgb::fromHex('#a0a0a0'));

        return (new PlateMaker($standard))->make(array_column($stack, 0), $palette);
    }

    private static function zone(Plate $plate, Zone $zone): ZoneState
    {
        return $plate->zones[(int) array_search($zone, Zone::cases(), true)];
    }

    /** @return list<string> */
    private static function touched(Plate $plate): array
    {
        $touched = array_filter($plate->zones, static fn (ZoneState $zone): bool => $zone->uses !== []);

        return array_values(array_map(static fn (ZoneState $zone): string => $zone->zone->value, $touched));
    }
}
