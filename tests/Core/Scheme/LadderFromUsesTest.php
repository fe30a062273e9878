<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Plate\Zone;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\KnownUses;
use Core\Scheme\LadderFromUses;
use Core\Scheme\LadderReading;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SharedLadders;
use Core\Scheme\StepCover;
use Core\Scheme\TierLadder;
use Core\Scheme\TierStep;
use Core\Scheme\Tints;
use Core\Scheme\UseRecipe;
use Core\Standard\Extent;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;
use Tests\Core\Support\Paints;

final class LadderFromUsesTest extends TestCase
{
    public function test_lay_ins_become_the_base_shades_the_shade_and_the_longest_row_of_lights_the_lights(): void
    {
        $ladder = self::ladder('cloth', ['layer 2' => 'Cold Spray', 'wash 1' => 'Bilge wash', 'base 1' => 'Harbour Slate', 'layer 1' => 'Weir Blue', 'texture 1' => 'Wet Stone']);

        self::assertSame(['base Harbour Slate 1', 'shade Bilge wash 0.9', 'light Weir Blue 0.5', 'light Cold Spray 0.3'], self::words($ladder));
        self::assertSame(['texture 1 Wet Stone'], self::uses($ladder));
    }

    public function test_a_lay_in_after_a_shade_becomes_the_relight(): void
    {
        $ladder = self::ladder('face', ['base 1' => 'Rust Buoy', 'wash 1' => 'Rosy wash', 'relight 1' => 'Rust Buoy', 'first-light 1' => 'Signal Red']);

        self::assertSame(['base Rust Buoy 1', 'shade Rosy wash 0.9', 'relight Rust Buoy 0.6', 'light Signal Red 0.36'], self::words($ladder));
    }

    public function test_without_a_base_everything_stays_with_its_use(): void
    {
        $ladder = self::ladder('rim', ['rim-coat 1' => 'Lamp Black', 'wash 1' => 'Bilge wash']);

        self::assertSame([], $ladder->rungs);
        self::assertSame(['rim-coat 1 Lamp Black', 'wash 1 Bilge wash'], self::uses($ladder));
        self::assertNull((new LadderReading($ladder, new Ground(Srgb::fromHex('#777777'))))->fault);
    }

    public function test_what_the_ladder_says_already_is_not_said_twice(): void
    {
        $ladder = self::ladder('metal', ['metal-base 1' => 'Old Brass', 'base 1' => 'Old Brass', 'metal-light 1' => 'New Brass', 'metal-light 2' => 'New Brass']);

        self::assertSame(['base Old Brass 1', 'light New Brass 0.5'], self::words($ladder), 'the same light twice is one step laid twice');
        self::assertSame([], self::uses($ladder));
    }

    public function test_a_line_in_the_colour_of_another_role_stays(): void
    {
        $ladder = self::ladder('plate', ['base 1' => 'Lamp Black', 'wash 1' => 'Bilge wash', 'dark-line 1' => 'Lamp Black', 'edge-line 1' => 'Lamp Black', 'edge-line 2' => 'Wet Stone']);

        self::assertSame(['base Lamp Black 1', 'shade Bilge wash 0.9', 'light Lamp Black 0.5', 'light Wet Stone 0.3'], self::words($ladder));
        self::assertSame(['dark-line 1 Lamp Black'], self::uses($ladder), 'a dark line in the black of the base is no base');
    }

    public function test_each_line_is_found_where_it_landed(): void
    {
        $make = new LadderFromUses(Demo::standard());
        $lines = array_map(static fn (array $line): UseRecipe => new UseRecipe($line[0], $line[1], Paints::mix([$line[2] => 1])), [['base', 1, 'Lamp Black'], ['wash', 1, 'Bilge wash'], ['dark-line', 1, 'Lamp Black'], ['edge-line', 1, 'Wet Stone'], ['edge-line', 2, 'Gull White'], ['recess-wash', 1, 'Rosy wash']]);
        $ladder = $make->of('helmet', 'plate', $lines);

        self::assertSame([0, 1, null, 2, 3, null], array_map(static fn (UseRecipe $line): ?int => $make->rungOf($ladder, 'plate', $line), $lines));
    }

    public function test_a_use_is_known_by_its_id_its_name_and_on_its_surface(): void
    {
        $known = new KnownUses(Demo::standard(), ['face']);

        self::assertSame(['edge-line', 'edge-line', 'first-light', null], [$known->id('edge-line'), $known->id(' Edge Line '), $known->id('first-light'), $known->id('edgeline')]);
        self::assertSame([true, false], [$known->isAsked('first-light'), $known->isAsked('edge-line')]);
        self::assertNull((new KnownUses(Demo::standard(), ['plate']))->id('first-light'), 'a use of another surface');
        self::assertSame('first-light', (new KnownUses(Demo::standard(), []))->id('first-light'), 'an area that no figure has may be anything');
    }

    public function test_a_ladder_that_another_climbs_through_is_joined_with_it(): void
    {
        $light = static fn (string $paint): Rung => new Rung(RungRole::Light, Paints::mix([$paint => 1]), 0.4);
        $base = new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1]));
        $eye = new UseRecipe('eye', 1, Paints::mix(['Gull White' => 1]));
        $long = new AreaLadder('face', [$base, $light('Weir Blue'), $light('Cold Spray')]);

        self::assertSame($long->texts(), (new AreaLadder('face', [$base, $light('Cold Spray')]))->joined($long)?->texts());
        self::assertSame([...$long->texts(), 'Gull White'], $long->joined(new AreaLadder('face', [$base], [$eye]))?->texts());
        self::assertNull($long->joined(new AreaLadder('face', [$base, $light('Signal Red')])));
        self::assertNull((new AreaLadder('face', [$base], [new UseRecipe('eye', 1, Paints::mix(['Lamp Black' => 1]))]))->joined(new AreaLadder('face', [$base], [$eye])));
    }

    public function test_what_most_types_have_is_written_for_any(): void
    {
        self::assertSame(['' => 'Wet Stone', 'diver' => 'Rust Buoy'], self::shared(['diver' => 'Rust Buoy', 'guard' => 'Wet Stone', 'troll' => 'Wet Stone']));
        self::assertSame(['' => 'Rust Buoy', 'guard' => 'Wet Stone'], self::shared(['' => 'Rust Buoy', 'guard' => 'Wet Stone']), 'what is said of any stays');
        self::assertSame(['' => 'Rust Buoy'], self::shared(['diver' => 'Rust Buoy']));
        self::assertSame([], self::shared([]));
    }

    /**
     * @param  array<string, string>  $paints base by type
     * @return array<string, string>
     */
    private static function shared(array $paints): array
    {
        $ladders = array_map(static fn (string $paint): AreaLadder => new AreaLadder('boots', [new Rung(RungRole::Base, Paints::mix([$paint => 1]))]), $paints);

        return array_map(static fn (AreaLadder $ladder): string => $ladder->texts()[0], SharedLadders::of($ladders));
    }

    public function test_where_the_school_is_the_base_again_a_ladder_without_lights_is_lit_in_its_base(): void
    {
        $standard = Demo::standard();
        $area = new AreaLadder('oilskin coat', [new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1]))]);
        $uses = self::at('lamplighter', 'guard')->usesOn('oilskin coat');
        $text = static fn (bool $again): ?string => array_values(array_filter(
            (new TierLadder(new LadderReading($area, new Ground(Srgb::fromHex('#777777')), null, $again), $uses, $standard, new LadderRules))->steps,
            static fn (TierStep $step): bool => $step->use->use->id === 'layer',
        ))[0]->recipe?->text();

        self::assertNull($text(false));
        self::assertSame('Harbour Slate', $text(true));
    }

    public function test_the_lightest_and_the_darkest_that_behave_alike_are_tints(): void
    {
        $tints = new Tints(Paints::all());

        self::assertSame('Gull White', $tints->lightener()?->text());
        self::assertSame('Lamp Black', $tints->darkener(Paints::mix(['Weir Blue' => 1]))?->text());
        self::assertSame('Bilge wash', $tints->darkener(Paints::mix(['Rosy wash' => 1]))?->text());
        self::assertNull((new Tints([]))->lightener());
    }

    public function test_a_step_covers_what_its_ladder_or_its_use_says_before_what_is_usual(): void
    {
        $use = static fn (?float $cover, Extent $extent = Extent::Every): TechniqueUse => new TechniqueUse('x', ['x'], extent: $extent, cover: $cover);

        self::assertSame(0.3, StepCover::of($use(0.8), TechniqueGroup::Light, new Rung(RungRole::Light, Paints::mix(['Gull White' => 1]), 0.3)));
        self::assertSame(0.8, StepCover::of($use(0.8), TechniqueGroup::Light, null));
        self::assertEqualsWithDelta(0.01, StepCover::of($use(null, Extent::Spot), TechniqueGroup::Detail, null), 1e-9);
        self::assertSame(1.0, StepCover::of($use(null), TechniqueGroup::LayIn, null));
    }

    /** @return iterable<string, array{Standard, FigureType, Tier, Composition}> */
    public static function demo(): iterable
    {
        return Demo::figures();
    }

    /** Every area of the demo at every tier, painted by one ladder: what it opaquely lays in shows, and a plate has all eight zones. */
    #[DataProvider('demo')]
    public function test_a_plate_is_painted_in_the_colours_of_the_scheme(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $ladder = new AreaLadder('any', [
            new Rung(RungRole::Base, Recipe::of(Paints::of('Rust Buoy'))),
            new Rung(RungRole::Shade, Recipe::of(Paints::of('Bilge wash')), 0.9),
            new Rung(RungRole::Light, Recipe::of(Paints::of('Signal Red')), 0.5),
            new Rung(RungRole::Light, Recipe::of(Paints::of('Ember Glow')), 0.2),
        ]);
        foreach ($type->areas as $area) {
            $uses = $composition->usesOn($area->area->id);
            $tierLadder = new TierLadder(new LadderReading($ladder, new Ground(Srgb::fromHex('#9a9d9e'))), $uses, $standard, new LadderRules);
            $plate = $tierLadder->plate();
            self::assertSame($uses === [], $plate === null);
            if ($plate === null) {
                continue;
            }

            self::assertCount(count(Zone::cases()), $plate->zones);
            $laysInOnly = $uses !== [] && array_filter($uses, static fn (ComposedUse $use): bool => $standard->technique($use->technique)->group !== TechniqueGroup::LayIn || $standard->technique($use->technique)->opacity !== Opacity::Opaque) === [];
            if ($laysInOnly) {
                self::assertSame('#8c3a26', $plate->zones[0]->colour->hex(), "{$tier->id} {$area->area->id}");
            }
            foreach ($tierLadder->steps as $step) {
                self::assertTrue($step->rung === null || in_array($step->rung, $tierLadder->taken, true));
            }
        }
    }

    private static function at(string $type, string $tier): Composition
    {
        foreach (Demo::figures() as $name => [, , , $composition]) {
            if ($name === "{$type} at {$tier}") {
                return $composition;
            }
        }
        self::fail("The demo has no {$type} at {$tier}.");
    }

    /** @param  array<string, string>  $list paint by use and step */
    private static function ladder(string $surface, array $list): AreaLadder
    {
        $recipes = [];
        foreach ($list as $place => $paint) {
            [$use, $step] = explode(' ', $place);
            $recipes[] = new UseRecipe($use, (int) $step, Paints::mix([$paint => 1]));
        }

        return (new LadderFromUses(Demo::standard()))->of('area', $surface, $recipes);
    }

    /** @return list<string> */
    private static function words(AreaLadder $ladder): array
    {
        return array_map(static fn (Rung $rung): string => "{$rung->role->value} {$rung->recipe->text()} {$rung->cover}", $ladder->rungs);
    }

    /** @return list<string> */
    private static function uses(AreaLadder $ladder): array
    {
        return array_map(static fn (UseRecipe $use): string => "{$use->use} {$use->step} {$use->recipe->text()}", $ladder->uses);
    }
}
