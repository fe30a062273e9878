<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Film;
use Core\Colour\LadderFinding;
use Core\Colour\LadderRole;
use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\Origin;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\NotARung;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Patches;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungPlaces;
use Core\Scheme\RungRole;
use Core\Scheme\TierLadder;
use Core\Standard\Area;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What lies under thin paint shows through it, with the share that it covers. Worked by hand from the film and the shares. */
final class SketchTest extends TestCase
{
    private const BLACK = '#101010';

    private const WHITE = '#f0f0f0';

    public function test_what_is_laid_on_raised_parts_lies_on_what_was_laid_there_last(): void
    {
        $grey = Srgb::ofLight(0.5, 0.5, 0.5);
        $patches = Patches::of(Srgb::ofLight(0.1, 0.1, 0.1))->raised($grey, 0.3)->raised(Srgb::ofLight(0.9, 0.9, 0.9), 0.1);

        // 0.7 × 0.1 + 0.2 × 0.5 + 0.1 × 0.9
        self::assertEqualsWithDelta(0.26, $patches->mean()->luminance(), 1e-6);
        self::assertEqualsWithDelta(0.9, $patches->top()->luminance(), 1e-6);
        self::assertEqualsWithDelta(0.5, $patches->raised($grey, 1.0)->mean()->luminance(), 1e-6, 'what covers all is all that is seen');
        self::assertEqualsWithDelta(0.42, $patches->raised($grey, 0.8)->mean()->luminance(), 1e-6, 'a broader one hides the finer ones');
    }

    public function test_many_patches_are_seen_as_one_and_none_gets_lost(): void
    {
        $patches = Patches::of(Srgb::ofLight(0.0, 0.0, 0.0));
        for ($step = 1; $step <= 40; $step++) {
            $patches = $patches->raised(Srgb::ofLight(1.0, 1.0, 1.0), 1 / (1 + $step));
        }

        self::assertEqualsWithDelta(0.5, $patches->mean()->luminance(), 2e-3);
    }

    public function test_a_stain_over_a_drybrush_that_catches_a_third_is_no_stain_over_pale(): void
    {
        $reading = self::reading([['ground', self::opaque(self::WHITE), 0.3], ['base', self::stain('#b04010'), 1.0]]);
        $film = new Film(Srgb::fromHex('#b04010'), 0.6);
        $light = static fn (string $under): float => $film->over(Srgb::fromHex($under), 1)->luminance();

        self::assertEqualsWithDelta(0.7 * $light(self::BLACK) + 0.3 * $light(self::WHITE), $reading->rungs[1]->shown->luminance(), 1e-6);
        self::assertLessThan($light(self::WHITE), $reading->rungs[1]->shown->luminance());
    }

    public function test_paint_that_covers_hides_the_sketch(): void
    {
        $reading = self::reading([['ground', self::opaque(self::WHITE), 0.3], ['base', self::opaque('#b04010'), 1.0]]);

        self::assertSame('#b04010', $reading->rungs[1]->shown->hex());
    }

    public function test_a_light_over_a_sketch_lies_on_the_lightest_of_it(): void
    {
        $steps = [['ground', self::opaque(self::WHITE), 0.3], ['base', self::stain('#b04010'), 1.0], ['light', self::opaque('#e8b090'), 0.2]];
        $reading = self::reading($steps);
        $on = (new Film(Srgb::fromHex('#b04010'), 0.6))->over(Srgb::fromHex(self::WHITE), 1);

        self::assertSame($on->hex(), $reading->rungs[2]->under->hex());
        self::assertSame([], self::codes($reading), 'no hard line from there, though it is one from the mean');
        self::assertSame(['jump'], self::codes(self::reading([['base', self::opaque($reading->rungs[1]->shown->hex()), 1.0], $steps[2]])));
    }

    public function test_a_wash_over_lights_is_held_against_those(): void
    {
        $steps = [['base', self::opaque(self::BLACK), 1.0], ['light', self::opaque('#404040'), 0.6], ['shade', self::stain('#141414'), 1.0]];
        $washed = self::reading($steps, [LiesOn::All, LiesOn::Face, LiesOn::All]);

        self::assertGreaterThan(Srgb::fromHex(self::BLACK)->lightness(), $washed->rungs[2]->shown->lightness());
        self::assertSame([], self::codes($washed), 'it darkens what it lies on, though not the base');
        self::assertSame(['shade-not-darker'], self::codes(self::reading($steps, [LiesOn::All, LiesOn::Face, LiesOn::Recess])), 'in the recesses it lies on the base');
    }

    public function test_two_stains_on_one_area_are_a_ladder(): void
    {
        $reading = self::reading([['base', self::stain('#e08020'), 1.0], ['base', self::stain('#a01020'), 1.0], ['light', self::opaque('#d05040'), 0.3]], ground: self::WHITE);
        $orange = (new Film(Srgb::fromHex('#e08020'), 0.6))->over(Srgb::fromHex(self::WHITE), 1);

        self::assertNull($reading->fault);
        self::assertSame([null, LadderRole::Base], [$reading->rungs[0]->as, $reading->rungs[1]->as]);
        self::assertSame((new Film(Srgb::fromHex('#a01020'), 0.6))->over($orange, 1)->hex(), $reading->base()?->hex());
        self::assertSame([1, 2], $reading->onLadder());
    }

    public function test_a_second_base_that_covers_is_a_fault(): void
    {
        self::assertSame('two-bases', self::reading([['base', self::stain('#e08020'), 1.0], ['base', self::opaque('#a01020'), 1.0]])->fault?->code());
    }

    /**
     * White from above over black, a thin base over it.
     *
     * @param  list<string>  $laid
     */
    #[TestWith([['prime', 'above', 'thin'], true])]
    #[TestWith([['prime', 'thin'], false], 'the tier lays one primer alone')]
    #[TestWith([['thin'], true], 'the tier says nothing of the ground')]
    public function test_a_sketch_shows_where_a_tier_lays_it(array $laid, bool $sketched): void
    {
        $ground = new Ground(Srgb::fromHex(self::BLACK), Srgb::fromHex(self::WHITE), 0.4);
        $uses = array_map(static fn (string $technique): ComposedUse => new ComposedUse(new Area('coat', 'cloth', 0.5), new TechniqueUse($technique, [$technique]), $technique, 0.0, Origin::Tier), $laid);
        $ladder = new TierLadder(new LadderReading(new AreaLadder('coat', [new Rung(RungRole::Base, self::thin('#406080'))]), $ground), $uses, self::standard(), new LadderRules);

        self::assertSame($sketched, $ladder->reading->rungs[0]->shown->lightness() > Srgb::fromHex('#406080')->under(Srgb::fromHex(self::BLACK), 0.3)->lightness() + 3);
        self::assertSame(in_array('above', $laid, true), $ladder->span() > 5, 'light and dark by itself');
    }

    public function test_an_area_may_have_another_ground_or_a_sketch_of_its_own(): void
    {
        $of = static function (float $cover): array {
            $palette = self::tier([['ground', self::opaque('#b0b0b0'), $cover], ['base', self::thin('#406080'), 1.0]])->plate()?->palette;

            return [$palette?->colour(TechniqueGroup::Ground, 0)?->hex(), $palette?->colour(TechniqueGroup::Ground, 1)?->hex()];
        };

        self::assertSame([self::BLACK, '#b0b0b0'], $of(0.4));
        self::assertSame(['#b0b0b0', '#b0b0b0'], $of(1.0));
    }

    public function test_a_sketch_covers_something_and_no_more_than_all(): void
    {
        $this->expectException(NotARung::class);
        new Ground(Srgb::fromHex(self::BLACK), Srgb::fromHex(self::WHITE), 0.0);
    }

    /** @param  list<array{string, Recipe, float}>  $steps */
    private static function tier(array $steps): TierLadder
    {
        $uses = array_map(static fn (string $technique): ComposedUse => new ComposedUse(new Area('coat', 'cloth', 0.5), new TechniqueUse($technique, [$technique]), $technique, 0.0, Origin::Tier), ['prime', 'above', 'thin']);

        return new TierLadder(self::reading($steps), $uses, self::standard(), new LadderRules);
    }

    /**
     * @param  list<array{string, Recipe, float}>  $steps role, recipe, cover
     * @param  list<LiesOn>  $on
     */
    private static function reading(array $steps, array $on = [], string $ground = self::BLACK): LadderReading
    {
        return new LadderReading(new AreaLadder('coat', array_map(static fn (array $step): Rung => new Rung(RungRole::from($step[0]), $step[1], $step[2]), $steps)), new Ground(Srgb::fromHex($ground)), places: new RungPlaces($on));
    }

    /** @return list<string> */
    private static function codes(LadderReading $reading): array
    {
        return array_map(static fn (LadderFinding $finding): string => $finding->fault->value, $reading->findings());
    }

    private static function opaque(string $hex): Recipe
    {
        return Recipe::of(new Paint($hex, PaintKind::Layer, Srgb::fromHex($hex), Opacity::Opaque));
    }

    private static function thin(string $hex): Recipe
    {
        return Recipe::of(new Paint($hex, PaintKind::Layer, Srgb::fromHex($hex), Opacity::Semi, hiding: 0.7));
    }

    private static function stain(string $hex): Recipe
    {
        return Recipe::of(new Paint($hex, PaintKind::Stain, Srgb::fromHex($hex), Opacity::Transparent, hiding: 0.6));
    }

    private static function standard(): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity, string $lies = 'all'): array => ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1', 'surfaces' => [['id' => 'cloth', 'name' => 'Cloth']],
            'techniques' => [$technique('prime', 'ground', 'opaque'), $technique('above', 'ground', 'opaque', 'face'), $technique('thin', 'lay-in', 'semi')],
            'tiers' => [['id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0], 'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false]],
            'requirements' => [],
        ]);
    }
}
