<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\LadderRules;
use Core\Colour\Srgb;
use Core\Composition\ComposedUse;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\Origin;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Plate\Zone;
use Core\Scheme\AreaLadder;
use Core\Scheme\AreasAgree;
use Core\Scheme\Ground;
use Core\Scheme\HoldingTogether;
use Core\Scheme\HuesAreFew;
use Core\Scheme\LadderReading;
use Core\Scheme\NeighbourPair;
use Core\Scheme\NeighboursPart;
use Core\Scheme\NoFamilyRules;
use Core\Scheme\OverAllPaint;
use Core\Scheme\Paint;
use Core\Scheme\PaintedFigure;
use Core\Scheme\PaintKind;
use Core\Scheme\Parting;
use Core\Scheme\Recipe;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\SchemeFault;
use Core\Scheme\SchemeFinding;
use Core\Scheme\SchemeRules;
use Core\Scheme\SchemeText;
use Core\Scheme\TierLadder;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;
use Core\Standard\Area;
use Core\Standard\Opacity;
use Core\Standard\OverAll;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** A figure of two areas, coat and hat, at tiers that ask for one light, for three, and for a dark line. Invented. */
final class PaintedFigureTest extends TestCase
{
    public function test_uses_take_the_rungs_of_their_kind_and_the_best_of_the_lights(): void
    {
        $ladder = self::ladder(self::coat(), 'one');

        self::assertSame(['base' => 'Harbour Slate', 'wash' => 'Bilge wash', 'layer' => 'Weir Blue'], self::texts($ladder));
        self::assertSame([0, 1, 2], $ladder->taken);
        self::assertSame(
            ['base' => 'Harbour Slate', 'wash' => 'Bilge wash', 'layer' => 'Weir Blue', 'layer 2' => 'Cold Spray', 'layer 3' => 'Gull White'],
            self::texts(self::ladder(self::coat(), 'three')),
        );
    }

    public function test_a_tier_with_one_light_passes_over_one_that_hardly_shows(): void
    {
        $rungs = self::coat()->rungs;
        array_splice($rungs, 2, 0, [new Rung(RungRole::Light, Paints::mix(['Harbour Slate' => 3, 'Weir Blue' => 1]), 0.6)]);

        self::assertSame('Weir Blue', self::texts(self::ladder(self::coat()->withRungs($rungs), 'one'))['layer']);
    }

    public function test_a_lay_in_after_a_shade_takes_the_relight(): void
    {
        $rungs = self::coat()->rungs;
        array_splice($rungs, 2, 0, [new Rung(RungRole::Relight, Paints::mix(['Wet Stone' => 1]), 0.6)]);
        $texts = self::texts(self::ladder(self::coat()->withRungs($rungs), 'relit'));

        self::assertSame(['base' => 'Harbour Slate', 'wash' => 'Bilge wash', 'again' => 'Wet Stone', 'layer' => 'Cold Spray'], $texts);
        self::assertSame('Harbour Slate', self::texts(self::ladder(self::coat(), 'relit'))['again'], 'a ladder without one is relit in its base');
    }

    public function test_a_recipe_of_its_own_takes_no_light_from_the_ladder(): void
    {
        $area = new AreaLadder('coat', self::coat()->rungs, [new UseRecipe('layer', 1, Paints::mix(['Ember Glow' => 1])), new UseRecipe('buttons', 1, Paints::mix(['Old Brass' => 1]))]);
        $ladder = self::ladder($area, 'one');

        self::assertSame('Ember Glow', self::texts($ladder)['layer']);
        self::assertSame([0, 1], $ladder->taken);
        self::assertSame('Old Brass', self::texts(self::ladder($area, 'detailed'))['buttons']);
        self::assertNull(self::texts(self::ladder(self::coat(), 'detailed'))['buttons'], 'the ladder says nothing of a detail');
    }

    public function test_the_span_is_over_what_the_tier_lays(): void
    {
        self::assertGreaterThan(self::ladder(self::coat(), 'one')->span(), self::ladder(self::coat(), 'three')->span());
    }

    public function test_the_span_is_asked_of_the_figure_not_of_each_area(): void
    {
        // The tier asks for 60 and a wash and one light on each.
        $worked = static fn (string $paint): AreaLadder => new AreaLadder('hat', [new Rung(RungRole::Base, Paints::mix([$paint => 1])), new Rung(RungRole::Shade, Paints::mix(['Bilge wash' => 1]), 0.9), new Rung(RungRole::Light, Paints::mix([$paint => 1]), 0.3)]);

        self::assertContains('span-short-of-tier ', self::found(self::figure('one', self::coat(), $worked('Harbour Slate')), 'one'));
        self::assertNotContains('span-short-of-tier ', self::found(self::figure('one', self::coat(), $worked('Gull White')), 'one'), 'the white hat carries it');
    }

    public function test_no_span_is_known_while_a_shade_or_light_has_no_paint(): void
    {
        $figure = self::figure('one', self::coat(), self::hat('Harbour Slate'));

        self::assertNull($figure->ladders['hat']->span(), 'its wash and its light are not said');
        self::assertSame([], $figure->ladders['hat']->values());
        self::assertNull($figure->ladders['hat']->shortOf(60));
        self::assertNotContains('span-short-of-tier ', self::found($figure, 'one'), 'they may carry it');
        self::assertGreaterThan(0.0, $figure->span(), 'that of the coat');
        self::assertNotNull(self::figure('detailed', self::coat(), self::hat('Harbour Slate'))->ladders['coat']->span(), 'a detail is no tone');
        self::assertNull(self::ladder(new AreaLadder('coat', []), 'plain')->span(), 'nothing is said at all');
    }

    public function test_an_area_that_draws_the_eye_is_told_how_far_it_falls_short(): void
    {
        $ladder = self::ladder(self::coat(), 'one');

        self::assertNotNull($ladder->span());
        self::assertNull($ladder->shortOf($ladder->span()));
        self::assertSame([$ladder->span(), $ladder->span() + 0.1], [$ladder->shortOf($ladder->span() + 0.1)?->is, $ladder->shortOf($ladder->span() + 0.1)?->bound]);
        self::assertNull(self::figure('one', self::coat(), self::hat('Harbour Slate'))->ladders['hat']->shortOf(60), 'one tone is laid where no more is asked for');
        foreach (['pinned', 'glazed', 'edged'] as $tier) {
            self::assertNull(self::ladder(self::coat(), $tier)->shortOf(100), "{$tier}: without a light on its faces no choice of colours would reach it");
        }
        $metal = new AreaLadder('coat', [new Rung(RungRole::Base, Paints::mix(['Old Brass' => 1])), new Rung(RungRole::Light, Paints::mix(['New Brass' => 1]), 0.3)]);
        self::assertNull(self::ladder($metal, 'one')->shortOf(60), 'a metal is no flat colour');
    }

    public function test_what_draws_the_eye_is_said_by_the_scheme_else_by_the_type(): void
    {
        $figure = self::figure('one', self::coat(), self::hat('Gull White'));
        $said = new PaintedFigure($figure->type, $figure->ladders, self::standard(), ['coat']);

        self::assertSame([false, true, false], [$figure->isFocal('coat'), $figure->isFocal('hat'), $figure->isFocal('boots')]);
        self::assertSame([true, false], [$said->isFocal('coat'), $said->isFocal('hat')]);
        self::assertFalse(self::figure('one', self::coat(), new AreaLadder('hat', self::hat('Gull White')->rungs, isQuiet: true))->isFocal('hat'), 'wanted quiet');
        $quiet = new PaintedFigure($figure->type, $figure->ladders, self::standard(quiet: true));
        self::assertFalse($quiet->isFocal('hat'), 'its surface is quiet');
    }

    public function test_one_coat_of_stain_goes_from_dark_to_light_by_itself(): void
    {
        $stain = new AreaLadder('coat', [new Rung(RungRole::Base, Recipe::of(new Paint('Red stain', PaintKind::Stain, Srgb::fromHex('#8a1020'), Opacity::Transparent)))]);
        $of = static fn (string $technique): TierLadder => new TierLadder(new LadderReading($stain, new Ground(Srgb::fromHex('#f0f0f0'))), [self::asked('coat', $technique)], self::standard(), new LadderRules);

        self::assertGreaterThan(10.0, $of('stain')->span(), 'it pools');
        self::assertSame(0.0, $of('base')->span(), 'paint that covers is one tone');
        self::assertSame($of('stain')->plate()?->span, $of('stain')->span(), 'one span for ladder, plate and finding');
    }

    public function test_what_is_laid_over_the_whole_figure_is_seen_on_each_area(): void
    {
        $coat = static fn (?OverAllPaint $overAll): TierLadder => new TierLadder(new LadderReading(self::hat('Gull White'), new Ground(Srgb::fromHex('#777777'))), [self::asked('hat', 'base'), self::asked('hat', 'wash')], self::standard(), new LadderRules, null, $overAll);
        $recess = static fn (TierLadder $ladder): float => $ladder->plate()?->zones[1]->colour->lightness() ?? 0.0;

        self::assertLessThan($recess($coat(null)), $recess($coat(self::grime([]))));
        self::assertSame($recess($coat(null)), $recess($coat(self::grime(['cloth']))), 'kept free of it');
        self::assertSame(['base', 'whole/wash', 'wash'], $coat(self::grime([]))->plate()?->zones[1]->uses, 'two of one name are told apart');
        self::assertCount(2, $coat(self::grime([]))->steps, 'it is a step of the figure, not of the area');
    }

    public function test_the_tone_of_an_area_is_seen_through_what_is_laid_over_the_whole_figure_after_it(): void
    {
        $hat = static fn (?OverAllPaint $overAll): TierLadder => new TierLadder(new LadderReading(self::hat('Gull White'), new Ground(Srgb::fromHex('#777777'))), [self::asked('hat', 'base')], self::standard(), new LadderRules, null, $overAll);

        self::assertLessThan($hat(null)->tone?->lightness(), $hat(self::grime([]))->tone?->lightness(), 'a wash over everything dulls it');
        self::assertSame($hat(self::grime([]))->plate()?->colourAt(Zone::Face)?->hex(), $hat(self::grime([]))->tone?->hex(), 'as its face on the plate');
        self::assertSame($hat(null)->tone?->hex(), $hat(self::grime(['cloth']))->tone?->hex(), 'kept free of it');
        self::assertSame($hat(null)->tone?->hex(), $hat(self::grime([], TechniqueGroup::Ground))->tone?->hex(), 'under it, the base hides it');
    }

    public function test_another_colour_may_be_taken_for_what_is_laid_over_the_whole_figure(): void
    {
        $hat = static fn (OverAllPaint $overAll): TierLadder => new TierLadder(new LadderReading(self::hat('Gull White'), new Ground(Srgb::fromHex('#777777'))), [self::asked('hat', 'base')], self::standard(), new LadderRules, null, $overAll);
        $red = self::grime([])->with('wash', 1, Srgb::fromHex('#c01010'));

        self::assertSame('#c01010', $red->colours['whole/wash'][1]->hex());
        self::assertGreaterThan($hat(self::grime([]))->tone?->lab()->a, $hat($red)->tone?->lab()->a, 'redder than under the black one');
        self::assertSame('#c01010', OverAllPaint::of([], [])->with('wash', 1, Srgb::fromHex('#c01010'))->colours['whole/wash'][1]->hex(), 'one that had none');
    }

    public function test_a_figure_is_not_judged_while_most_of_it_has_no_colours(): void
    {
        $whole = self::figure('one', self::coat(), self::hat('Harbour Slate'));

        self::assertNotContains('span-short-of-tier ', self::found(new PaintedFigure($whole->type, ['hat' => $whole->ladders['hat']], self::standard()), 'one'));
    }

    /** A coat of L* 31 and a hat of the same: alike, whatever the tier. */
    #[TestWith(['plain', 'nothing'], 'nothing along the border')]
    #[TestWith(['glazed', 'nothing'], 'a shade on the faces alone')]
    #[TestWith(['one', 'shade'], 'a wash all over runs into the seam')]
    #[TestWith(['pinned', 'shade'], 'a wash in the recesses')]
    #[TestWith(['lined', 'line'])]
    public function test_areas_that_touch_are_parted_by_a_line_or_a_shade_too(string $tier, string $by): void
    {
        $figure = self::figure($tier, self::coat(), self::hat('Harbour Slate'));

        self::assertSame([$by], array_map(static fn (NeighbourPair $pair): string => $pair->by->value, (new NeighboursPart(15))->pairs($figure)));
        self::assertSame($by === 'nothing', in_array('neighbours-alike coat', self::found($figure, $tier), true));
    }

    /** Both of one paint: a coat with a line on its edges, 15 of L* lighter or hardly any; both stained over a pale ground or over black. */
    #[TestWith(['edged', '#3e4c57', '#667482', '#777777', 'edge'])]
    #[TestWith(['edged', '#3e4c57', '#4a5864', '#777777', 'nothing'], 'a line that hardly shows')]
    #[TestWith(['stained', '#8a1020', '#62707c', '#f0f0f0', 'shade'], 'a stain pools in the seam')]
    #[TestWith(['stained', '#f0f0f0', '#62707c', '#101010', 'nothing'], 'a pale one over black does not darken it')]
    #[TestWith(['plain', '#8a1020', '#62707c', '#f0f0f0', 'nothing'], 'paint that covers does not pool')]
    public function test_areas_are_parted_by_a_light_line_and_by_a_stain_that_pools(string $tier, string $base, string $line, string $ground, string $by): void
    {
        $paint = static fn (string $hex): Recipe => Recipe::of(new Paint($hex, PaintKind::Stain, Srgb::fromHex($hex), $tier === 'stained' ? Opacity::Transparent : Opacity::Opaque));
        $ladder = static fn (string $area): AreaLadder => new AreaLadder($area, [new Rung(RungRole::Base, $paint($base)), new Rung(RungRole::Light, $paint($line), 0.1)]);

        self::assertSame($by, (new NeighboursPart(15))->pairs(self::figure($tier, $ladder('coat'), $ladder('hat'), ground: $ground))[0]->by->value);
    }

    public function test_a_shade_that_is_lighter_than_one_of_the_two_parts_nothing(): void
    {
        $washed = static fn (string $area, string $shade): AreaLadder => new AreaLadder($area, [new Rung(RungRole::Base, Paints::mix(['Weir Blue' => 1])), new Rung(RungRole::Shade, Recipe::of(self::paint($shade)), 0.3)]);
        $by = static fn (string $shade): Parting => (new NeighboursPart(15))->pairs(self::figure('one', $washed('coat', $shade), $washed('hat', $shade)))[0]->by;

        self::assertSame(Parting::Shade, $by('#10151a'));
        self::assertSame(Parting::Nothing, $by('#f0f0f0'));
    }

    public function test_areas_far_enough_apart_part_by_value(): void
    {
        $figure = self::figure('plain', self::coat(), self::hat('Gull White'));
        $apart = (new NeighboursPart(15))->pairs($figure)[0]->apart;

        self::assertSame(Parting::Value, (new NeighboursPart($apart))->pairs($figure)[0]->by);
        self::assertSame(Parting::Nothing, (new NeighboursPart($apart + 0.001))->pairs($figure)[0]->by);
    }

    public function test_where_no_border_is_known_nothing_is_said(): void
    {
        self::assertNotContains('neighbours-alike coat', self::found(self::figure('plain', self::coat(), self::hat('Harbour Slate'), []), 'plain'));
    }

    public function test_one_family_over_its_share_of_what_is_seen_from_the_front_is_found(): void
    {
        // The coat is 0.6 and the hat 0.4 of what is seen; both blue is all of it.
        $figure = self::figure('one', self::coat(), self::hat('Weir Blue'));

        self::assertSame(['blues' => 1.0], NoFamilyRules::families($figure));
        self::assertContains('one-family ', self::found($figure, 'one'));
        self::assertNotContains('one-family ', self::found(new PaintedFigure($figure->type, $figure->ladders, self::standard(), isOfOneColour: true), 'one'), 'one colour is wanted');
        self::assertSame(['blues' => 0.6, 'oranges' => 0.4], array_map(static fn (float $share): float => round($share, 6), NoFamilyRules::families(self::figure('one', self::coat(), self::hat('Ember Glow')))));
    }

    /** The hat alone is 0.4 of what is seen, the coat alone 0.6; what has no colours yet is of no family. */
    #[TestWith([0.4, 'hat', false], 'however little must have its colours, it is no 0.45 of the figure')]
    #[TestWith([0.6, 'coat', true])]
    #[TestWith([0.61, 'coat', false])]
    public function test_families_are_judged_once_enough_has_its_colours(float $from, string $only, bool $told): void
    {
        $whole = self::figure('one', self::coat(), self::hat('Weir Blue'));
        $part = new PaintedFigure($whole->type, [$only => $whole->ladders[$only]], self::standard());

        self::assertSame([0.6, 0.4][(int) ($only === 'hat')], round(NoFamilyRules::families($part)['blues'], 6));
        self::assertSame($told, iterator_to_array((new NoFamilyRules(0.45, $from))->findings($part)) !== []);
    }

    public function test_a_red_that_turns_to_orange_is_found_unless_it_was_chosen(): void
    {
        $red = static fn (Turn $turn): AreaLadder => new AreaLadder('coat', [
            new Rung(RungRole::Base, Recipe::of(self::paint('#a01020'))),
            new Rung(RungRole::Shade, Paints::mix(['Bilge wash' => 1]), 0.3),
            new Rung(RungRole::Light, Recipe::of(self::paint('#e08030')), 0.4),
        ], turn: $turn);

        self::assertContains('hue-turns coat', self::found(self::figure('one', $red(Turn::None), self::hat('Gull White')), 'one'));
        self::assertContains('hue-turns coat', self::found(self::figure('one', $red(Turn::Cold), self::hat('Gull White')), 'one'));
        self::assertNotContains('hue-turns coat', self::found(self::figure('one', $red(Turn::Warm), self::hat('Gull White')), 'one'));
    }

    /** To both sides of blue: up to there a growing hue angle cools, beyond it warms. A green or a brown may go with its light. */
    #[TestWith(['#725d1b', '#a8b169', null])]
    #[TestWith(['#726015', '#a8b169', null])]
    #[TestWith(['#33608d', '#a8a8cf', 'cold'])]
    #[TestWith(['#396393', '#a8a8cf', 'warm'])]
    public function test_to_which_side_a_hue_turns(string $base, string $light, ?string $to): void
    {
        $ladder = new AreaLadder('coat', [new Rung(RungRole::Base, Recipe::of(self::paint($base))), new Rung(RungRole::Light, Recipe::of(self::paint($light)), 0.4)]);
        $turned = array_filter(self::findings(self::figure('one', $ladder, self::hat('Gull White')), 'one'), static fn (SchemeFinding $one): bool => $one->fault === SchemeFault::HueTurns);

        self::assertSame($to === null ? [] : [$to], array_values(array_map(static fn (SchemeFinding $one): mixed => $one->arguments['to'], $turned)));
    }

    #[TestWith(['#a01020', '#e08030', 'from red toward orange'])]
    #[TestWith(['#a01020', '#f0a0d0', 'from red toward pink'])]
    #[TestWith(['#33608d', '#a8a8cf', 'from blue toward purple'])]
    public function test_the_words_are_those_of_the_hue(string $base, string $light, string $words): void
    {
        $ladder = new AreaLadder('coat', [new Rung(RungRole::Base, Recipe::of(self::paint($base))), new Rung(RungRole::Light, Recipe::of(self::paint($light)), 0.4)]);
        $turned = array_filter(self::findings(self::figure('one', $ladder, self::hat('Gull White')), 'one'), static fn (SchemeFinding $one): bool => $one->fault === SchemeFault::HueTurns);

        self::assertStringContainsString($words, SchemeText::sentence(array_values($turned)[0]));
    }

    public function test_a_colour_with_hardly_any_chroma_turns_to_no_side(): void
    {
        // Chroma 9.0 and 10.8, on both sides of what has a hue.
        $ladder = static fn (string $base): AreaLadder => new AreaLadder('coat', [new Rung(RungRole::Base, Recipe::of(self::paint($base))), new Rung(RungRole::Light, Recipe::of(self::paint('#a8b169')), 0.4)]);

        self::assertNotContains('hue-turns coat', self::found(self::figure('one', $ladder('#6f5b58'), self::hat('Gull White')), 'one'));
        self::assertContains('hue-turns coat', self::found(self::figure('one', $ladder('#725a57'), self::hat('Gull White')), 'one'));
    }

    /**
     * A blue coat lit in orange and dotted in white and green; a yellow hat: two hues on the figure, two added on the coat.
     *
     * @param  list<string>  $found
     */
    #[TestWith([7.0, 7.0, []], 'any number')]
    #[TestWith([2.0, 2.0, []])]
    #[TestWith([1.0, 2.0, ['coat']])]
    #[TestWith([2.0, 1.0, ['']])]
    #[TestWith([0.0, 0.0, ['coat', '']])]
    public function test_hues_are_no_more_than_the_studio_keeps_to(float $added, float $onFigure, array $found): void
    {
        $coat = new AreaLadder('coat', [new Rung(RungRole::Base, Recipe::of(self::paint('#204080'))), new Rung(RungRole::Light, Recipe::of(self::paint('#e08030')), 0.4)], [
            new UseRecipe('buttons', 1, Recipe::of(self::paint('#208030'))),
        ]);
        $yellow = new AreaLadder('hat', [new Rung(RungRole::Base, Recipe::of(self::paint('#e0c030')))]);
        $said = iterator_to_array((new HuesAreFew($added, $onFigure))->findings(self::figure('dotted', $coat, $yellow)), false);

        self::assertSame($found, array_map(static fn (SchemeFinding $one): string => $one->area, $said));
        self::assertSame([], iterator_to_array((new HuesAreFew(2.0, 1.0))->findings(self::figure('dotted', $coat, self::hat('Gull White'))), false), 'white has none');
        foreach ($said as $finding) {
            self::assertStringContainsString($finding->area === '' ? 'blues, yellows' : 'oranges, greens', SchemeText::sentence($finding));
        }
    }

    public function test_warm_and_cold_lights_on_one_figure_are_found(): void
    {
        $lit = static fn (string $area, string $light): AreaLadder => new AreaLadder($area, [
            new Rung(RungRole::Base, Recipe::of(self::paint('#777777'))),
            new Rung(RungRole::Light, Recipe::of(self::paint($light)), 0.4),
        ]);

        self::assertContains('lights-disagree hat', self::found(self::figure('one', $lit('coat', '#d8b890'), $lit('hat', '#90b0d8')), 'one'));
        self::assertNotContains('lights-disagree hat', self::found(self::figure('one', $lit('coat', '#d8b890'), $lit('hat', '#d0b088')), 'one'));
    }

    /**
     * Two parts of water to one of paint, in the wash or in the layer of the coat.
     *
     * @param  array<string, string>  $schools
     */
    #[TestWith(['shade', [], true])]
    #[TestWith(['light', [], false], 'a layer may be thin')]
    #[TestWith(['shade', ['thinner' => 'water'], false], 'the school is water')]
    #[TestWith(['shade', ['thinner' => 'medium'], true])]
    public function test_a_wash_with_too_much_water_is_found(string $role, array $schools, bool $found): void
    {
        $mix = static fn (string $paint, string $of): Recipe => Paints::mix([$paint => 1] + ($role === $of ? ['water' => 2] : []));
        $area = new AreaLadder('coat', [new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])), new Rung(RungRole::Shade, $mix('Bilge wash', 'shade'), 0.9), new Rung(RungRole::Light, $mix('Weir Blue', 'light'), 0.4)]);
        $figure = self::figure('one', $area, self::hat('Gull White'));
        $held = new PaintedFigure($figure->type, $figure->ladders, self::standard($schools));

        self::assertSame($found, in_array('too-much-water coat', self::found($held, 'one'), true));
    }

    public function test_areas_of_one_name_that_differ_across_a_force_are_found_the_furthest_first(): void
    {
        $reading = static fn (string $paint): LadderReading => new LadderReading(self::hat($paint), new Ground(Srgb::fromHex('#777777')));
        $findings = (new AreasAgree(3.0))->findings(['hat' => ['diver' => $reading('Weir Blue'), 'guard' => $reading('Weir Blue')], 'rim' => ['diver' => $reading('Lamp Black'), 'guard' => $reading('Gull White'), 'troll' => $reading('Wet Stone')]]);

        self::assertSame([['rim', 'diver', 'guard'], ['rim', 'guard', 'troll'], ['rim', 'diver', 'troll']], array_map(static fn (SchemeFinding $one): array => [$one->area, $one->arguments['one'], $one->arguments['other']], $findings));
        self::assertStringContainsString('apart', SchemeText::sentence($findings[0]));
    }

    public function test_every_finding_has_a_sentence_and_a_why(): void
    {
        $findings = [
            ...self::findings(self::figure('one', self::coat(), self::hat('Harbour Slate')), 'one'),
            ...self::findings(self::figure('one', new AreaLadder('coat', [new Rung(RungRole::Base, Paints::mix(['Rust Buoy' => 1])), new Rung(RungRole::Shade, Paints::mix(['Bilge wash' => 1, 'water' => 2]), 0.9)]), self::hat('Rust Buoy')), 'one'),
        ];

        self::assertNotEmpty($findings);
        foreach ($findings as $finding) {
            self::assertStringEndsWith('.', SchemeText::sentence($finding));
            self::assertNotSame('', SchemeText::why($finding)->rule);
        }
    }

    private static function coat(): AreaLadder
    {
        return new AreaLadder('coat', [
            new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])),
            new Rung(RungRole::Shade, Paints::mix(['Bilge wash' => 1]), 0.9),
            new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.5),
            new Rung(RungRole::Light, Paints::mix(['Cold Spray' => 1]), 0.3),
            new Rung(RungRole::Light, Paints::mix(['Gull White' => 1]), 0.1),
        ]);
    }

    /**
     * A nearly black wash over the figure as one.
     *
     * @param  list<string>  $except surfaces that it is kept off
     */
    private static function grime(array $except, TechniqueGroup $stage = TechniqueGroup::Shade): OverAllPaint
    {
        $use = new ComposedUse(new Area('figure', 'whole', 1.0), new TechniqueUse('wash', ['wash'], overAll: new OverAll($stage, $except)), 'wash', 0.0, Origin::Tier);
        $paint = new AreaLadder('figure', [], [new UseRecipe('wash', 1, Recipe::of(self::paint('#101010')))]);

        return OverAllPaint::of([$use], (new TierLadder(new LadderReading($paint, new Ground(Srgb::fromHex('#777777'))), [$use], self::standard(), new LadderRules))->steps);
    }

    private static function asked(string $area, string $technique): ComposedUse
    {
        return new ComposedUse(new Area($area, 'cloth', 0.4), new TechniqueUse($technique, [$technique]), $technique, 0.0, Origin::Tier);
    }

    private static function hat(string $paint): AreaLadder
    {
        return new AreaLadder('hat', [new Rung(RungRole::Base, Paints::mix([$paint => 1]))]);
    }

    private static function paint(string $hex): Paint
    {
        return new Paint($hex, PaintKind::Base, Srgb::fromHex($hex), Opacity::Opaque);
    }

    private static function ladder(AreaLadder $area, string $tier): TierLadder
    {
        return self::figure($tier, $area, self::hat('Gull White'))->ladders['coat'];
    }

    /** @param  list<string>  $touches what the hat is known to touch */
    private static function figure(string $tier, AreaLadder $coat, AreaLadder $hat, array $touches = ['coat'], string $ground = '#777777'): PaintedFigure
    {
        $standard = self::standard();
        $type = new FigureType('Guard', SizeClass::Foot, [
            new TypeArea(new Area('coat', 'cloth', 0.6), 'figure', 1, false, [Side::Front, Side::Back]),
            new TypeArea(new Area('hat', 'cloth', 0.4), 'figure', 2, true, [Side::Front], $touches),
        ]);
        $composition = (new Composer($standard))->compose(new Figure($tier, 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $type->areas)));
        $ladders = [];
        foreach ([$coat, $hat] as $area) {
            $ladders[$area->area] = new TierLadder(new LadderReading($area, new Ground(Srgb::fromHex($ground))), $composition->usesOn($area->area), $standard, new LadderRules);
        }

        return new PaintedFigure($type, $ladders, $standard);
    }

    /** @param  array<string, string>  $schools */
    private static function standard(array $schools = [], bool $quiet = false): Standard
    {
        $technique = static fn (string $id, string $group, string $opacity, string $lies = 'all'): array => ['id' => $id, 'name' => $id, 'group' => $group, 'opacity' => $opacity, 'lies_on' => $lies];
        $uses = [
            'plain' => [['technique' => 'base']],
            'glazed' => [['technique' => 'base'], ['technique' => 'glaze']],
            'pinned' => [['technique' => 'base'], ['technique' => 'pin']],
            'one' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'layer']],
            'three' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'layer', 'steps' => 3]],
            'relit' => [['technique' => 'base'], ['technique' => 'wash'], ['id' => 'again', 'technique' => 'base'], ['technique' => 'layer']],
            'detailed' => [['technique' => 'base'], ['technique' => 'wash'], ['id' => 'buttons', 'technique' => 'detail']],
            'dotted' => [['technique' => 'base'], ['technique' => 'layer'], ['id' => 'buttons', 'technique' => 'detail']],
            'edged' => [['technique' => 'base'], ['technique' => 'edge']],
            'stained' => [['technique' => 'stain']],
            'lined' => [['technique' => 'base'], ['technique' => 'wash'], ['technique' => 'line'], ['technique' => 'layer']],
        ];
        $tiers = $requirements = [];
        foreach (array_keys($uses) as $rank => $tier) {
            $tiers[] = [
                'id' => $tier, 'name' => ucfirst($tier), 'rank' => $rank, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 3, 'limits' => ['critical' => 0, 'major' => 0, 'minor' => 0],
                'colour_tolerance' => 5, 'budget_minutes' => 60, 'by_agreement' => false, 'retired' => false, 'value_span' => 60,
            ];
            $requirements[] = ['tier' => $tier, 'surface' => 'cloth', 'uses' => $uses[$tier]];
        }

        return StandardReader::ofSound()->read([
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'cloth', 'name' => 'Cloth', 'quiet' => $quiet]],
            'techniques' => [$technique('base', 'lay-in', 'opaque'), $technique('stain', 'lay-in', 'transparent'), $technique('wash', 'shade', 'transparent'), $technique('glaze', 'shade', 'transparent', 'face'), $technique('pin', 'shade', 'transparent', 'recess'), $technique('line', 'shade', 'opaque', 'recess'), $technique('layer', 'light', 'semi', 'face'), $technique('edge', 'light', 'opaque', 'edge'), $technique('detail', 'detail', 'opaque', 'point')],
            'tiers' => $tiers,
            'requirements' => $requirements,
            'schools' => $schools,
        ]);
    }

    /** @return array<string, string|null> recipe by use; further steps numbered */
    private static function texts(TierLadder $ladder): array
    {
        $texts = [];
        foreach ($ladder->steps as $step) {
            $texts[$step->use->use->id.($step->step > 1 ? " {$step->step}" : '')] = $step->recipe?->text();
        }

        return $texts;
    }

    /** @return list<SchemeFinding> */
    private static function findings(PaintedFigure $figure, string $tier): array
    {
        return (new HoldingTogether(new SchemeRules))->findings($figure, self::standard()->tier($tier));
    }

    /** @return list<string> fault and area */
    private static function found(PaintedFigure $figure, string $tier): array
    {
        return array_map(static fn (SchemeFinding $finding): string => "{$finding->fault->value} {$finding->area}", self::findings($figure, $tier));
    }
}
