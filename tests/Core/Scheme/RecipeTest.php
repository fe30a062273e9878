<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Srgb;
use Core\Scheme\Batch;
use Core\Scheme\Coverage;
use Core\Scheme\NotAPaint;
use Core\Scheme\NotARecipe;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\RecipePart;
use Core\Scheme\Substitute;
use Core\Scheme\Substitutes;
use Core\Standard\Opacity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

final class RecipeTest extends TestCase
{
    public function test_it_is_written_as_at_the_bench(): void
    {
        self::assertSame('Gull White', Paints::mix(['Gull White' => 1])->text());
        self::assertSame('Gull White 1 + Weir Blue 3', Paints::mix(['Gull White' => 1, 'Weir Blue' => 3])->text());
        self::assertSame('Bilge wash 1 + water 2', Paints::mix(['Bilge wash' => 1, 'water' => 2])->text());
    }

    public function test_medium_and_water_thin_and_do_not_colour(): void
    {
        self::assertSame('#4f7390', Paints::mix(['Weir Blue' => 1, 'Thin medium' => 2])->colour()?->hex());
        self::assertSame('#3a3226', Paints::mix(['Bilge wash' => 1, 'water' => 3])->colour()?->hex());
        self::assertNull(Paints::mix(['Flat varnish' => 1])->colour());
        self::assertSame('#123456', Paints::mix(['Flat varnish' => 1])->over(Srgb::fromHex('#123456'), 1)->hex());
    }

    /** By hand: the share of what colours, times what one coat of it hides. */
    public function test_what_a_thinned_coat_hides(): void
    {
        self::assertSame(1.0, Paints::mix(['Weir Blue' => 1])->hiding());
        self::assertSame(1.0, Paints::mix(['Weir Blue' => 1, 'water' => 1])->hiding(), 'one part of water is ordinary thinning');
        self::assertEqualsWithDelta(1 / 3, Paints::mix(['Weir Blue' => 1, 'Thin medium' => 2])->hiding(), 1e-9);
        self::assertEqualsWithDelta(0.65, Paints::mix(['Bilge wash' => 2])->hiding(), 1e-9);
        self::assertEqualsWithDelta(0.65 / 3, Paints::mix(['Bilge wash' => 1, 'Thin medium' => 2])->hiding(), 1e-9);
        self::assertEqualsWithDelta(0.5, Paints::mix(['Weir Blue' => 1, 'water' => 2])->hiding(), 1e-9, 'the second part of water lets through');
        self::assertFalse(Paints::mix(['Bilge wash' => 1])->covers());
        self::assertTrue(Paints::mix(['Weir Blue' => 1])->covers());
    }

    /** Common practice, no source: more than 1 : 1 of water without medium breaks the binder. */
    public function test_too_much_water_is_more_than_one_to_one_without_medium(): void
    {
        self::assertFalse(Paints::mix(['Bilge wash' => 1, 'water' => 1])->hasTooMuchWater());
        self::assertTrue(Paints::mix(['Bilge wash' => 1, 'water' => 1.1])->hasTooMuchWater());
        self::assertFalse(Paints::mix(['Bilge wash' => 1, 'Thin medium' => 0.5, 'water' => 2])->hasTooMuchWater());
    }

    public function test_mixed_with_another_it_keeps_the_smallest_whole_parts(): void
    {
        $light = Paints::mix(['Weir Blue' => 1, 'Gull White' => 1]);

        self::assertSame('Weir Blue 1 + Gull White 1', Paints::mix(['Weir Blue' => 2])->mixedWith(Paints::mix(['Gull White' => 3]), 1, 1)->text());
        // One measure of the half-and-half with one of white: a quarter blue, three quarters white.
        self::assertSame('Weir Blue 1 + Gull White 3', $light->mixedWith(Paints::mix(['Gull White' => 1]), 1, 1)->text());
        self::assertSame('Weir Blue 3 + Gull White 5', $light->mixedWith(Paints::mix(['Gull White' => 1]), 3, 1)->text());
        self::assertSame('Gull White', Paints::mix(['Gull White' => 1])->mixedWith(Paints::mix(['Gull White' => 1]), 2, 3)->text());
    }

    public function test_one_paint_in_the_place_of_another_part_for_part(): void
    {
        $recipe = Paints::mix(['Weir Blue' => 2, 'Gull White' => 1, 'water' => 1]);

        self::assertSame('Cold Spray 2 + Gull White 1 + water 1', $recipe->with('Weir Blue', Paints::of('Cold Spray'))->text());
        self::assertSame('Gull White 3 + water 1', Paints::mix(['Weir Blue' => 2, 'Gull White' => 1, 'water' => 1])->with('Weir Blue', Paints::of('Gull White'))->text());
    }

    /**
     * Common practice, no source: gold light from gold and silver in equal parts; a muted metal of 3 : 5; a stain
     * for pale skin 1 : 3 with medium, for ruddy skin 1 : 2.
     *
     * @return iterable<string, array{array<string, int|float>, float, list<int>}> parts, millilitres, drops of each
     */
    public static function drops(): iterable
    {
        yield 'equal parts of gold and silver, one drop each at least' => [['New Brass' => 1, 'Bright Chain' => 1], 0.01, [1, 1]];
        yield 'equal parts for 1 ml: twenty drops' => [['New Brass' => 1, 'Bright Chain' => 1], 1.0, [10, 10]];
        yield '3 : 5 for 0.3 ml: six drops wanted, eight keep the ratio' => [['Old Brass' => 3, 'Lamp Black' => 5], 0.3, [3, 5]];
        yield '3 : 5 for 0.5 ml: ten wanted, sixteen keep it' => [['Old Brass' => 3, 'Lamp Black' => 5], 0.5, [6, 10]];
        yield '1 : 3 for pale skin, 0.5 ml: ten wanted, twelve keep it' => [['Rosy wash' => 1, 'Thin medium' => 3], 0.5, [3, 9]];
        yield '1 : 2 for ruddy skin, 0.45 ml: nine' => [['Rosy wash' => 1, 'Thin medium' => 2], 0.45, [3, 6]];
        yield 'half parts are made whole' => [['Rosy wash' => 1, 'Thin medium' => 1.5], 0.01, [2, 3]];
        yield 'with water' => [['Bilge wash' => 1, 'water' => 1], 0.1, [1, 1]];
    }

    /**
     * @param  array<string, int|float>  $parts
     * @param  list<int>  $drops
     */
    #[DataProvider('drops')]
    public function test_drops_are_rounded_up_so_that_the_ratio_holds(array $parts, float $ml, array $drops): void
    {
        $batch = Batch::of(Paints::mix($parts), 1, 1.0, 1.0, $ml / 0.6, 1);

        self::assertEqualsWithDelta($ml, $batch->ml, 1e-9);
        self::assertSame($drops, array_column($batch->drops(), 'drops'));
    }

    /** By hand: twenty figures of size 1, a coat of 0.3 of each, two coats: 20 × 0.3 × 2 × 0.6 ml. */
    public function test_what_several_areas_take_is_stirred_at_once_and_rounded_up_once(): void
    {
        $mix = Paints::mix(['Weir Blue' => 1, 'Gull White' => 1]);
        $each = [Batch::of($mix, 1, 1.0, 0.05, 1.0, 1), Batch::of($mix, 1, 1.0, 0.03, 1.0, 1)];
        $all = Batch::together($each);

        self::assertEqualsWithDelta($each[0]->ml + $each[1]->ml, $all->ml, 1e-12);
        // By hand: 0.08 of a figure at 0.6 ml a coat is 0.048 ml, about one drop: one of each, not two.
        self::assertSame([1, 1], array_column($all->drops(), 'drops'));
        self::assertSame('2', $all->why->inputs['areas']);
    }

    public function test_a_batch_takes_by_figures_size_share_cover_and_coats(): void
    {
        $batch = Batch::of(Paints::mix(['Weir Blue' => 1]), 20, 1.0, 0.3, 1.0, 2);

        self::assertEqualsWithDelta(7.2, $batch->ml, 1e-9);
        self::assertSame([['name' => 'Weir Blue', 'drops' => 144]], $batch->drops());
        self::assertStringContainsString('0.6 ml', $batch->why->rule);
    }

    public function test_the_nearest_that_has_not_run_out_stands_in_and_says_on_which_side_it_is(): void
    {
        $found = (new Substitutes(Paints::all()))->for(Paints::of('Signal Red'));

        self::assertSame('Rust Buoy', $found[0]->paint->name);
        self::assertContains('darker', $found[0]->side);
        self::assertGreaterThan(0, $found[0]->deltaE00);
        $distances = array_map(static fn (Substitute $one): float => $one->deltaE00, $found);
        $sorted = $distances;
        sort($sorted);
        self::assertSame($sorted, $distances);
    }

    public function test_metals_and_transparent_paints_never_stand_in_for_opaque_ones_nor_what_has_run_out(): void
    {
        $paints = [Paints::of('New Brass'), Paints::of('Amber stain'), Paints::of('Signal Red', 0.0), Paints::of('Chalk primer'), Paints::of('Thin medium'), Paints::of('Weir Blue')];

        $names = static fn (Paint $paint): array => array_map(static fn (Substitute $one): string => $one->paint->name, (new Substitutes($paints))->for($paint));
        self::assertSame(['Weir Blue'], $names(Paints::of('Rust Buoy')));
        self::assertSame(['New Brass'], $names(Paints::of('Old Brass')), 'metal for metal');
        self::assertSame(['Amber stain'], $names(Paints::of('Bilge wash')), 'what lets through for what lets through');
        self::assertSame(['Weir Blue'], array_map(static fn (Substitute $one): string => $one->paint->name, (new Substitutes($paints))->nearestTo(Srgb::fromHex('#c79e4c'))));
    }

    public function test_what_nobody_counted_has_not_run_out_and_runs_short_of_nothing(): void
    {
        $uncounted = Paints::of('Weir Blue', null);

        self::assertSame([false, false], [$uncounted->hasRunOut(), $uncounted->isTooLittleFor(900.0)]);
        self::assertSame([true, true], [Paints::of('Weir Blue', 0.0)->hasRunOut(), Paints::of('Weir Blue', 0.0)->isTooLittleFor(0.1)]);
        self::assertSame([false, true], [Paints::of('Weir Blue', 10.0)->isTooLittleFor(10.0), Paints::of('Weir Blue', 10.0)->isTooLittleFor(10.1)]);
        self::assertSame('Weir Blue', (new Substitutes([$uncounted]))->for(Paints::of('Rust Buoy'))[0]->paint->name, 'it may well be there');
    }

    public function test_coats_to_cover_depend_on_what_lies_under(): void
    {
        $coverage = new Coverage(3, 2, 1);

        self::assertSame([3, 2, 1], array_map(static fn (string $hex): int => $coverage->over(Srgb::fromHex($hex)), ['#1b1c1e', '#777777', '#e9e6dd']));
        $pale = new Paint('Pale', PaintKind::Base, Srgb::fromHex('#efd2bc'), Opacity::Opaque, $coverage);
        $mix = new Recipe([new RecipePart(Paints::of('Weir Blue'), 1.0), new RecipePart($pale, 1.0)]);
        self::assertSame(3, $mix->coatsOver(Srgb::fromHex('#1b1c1e')), 'the part that takes the most');
        self::assertNull(Paints::mix(['Bilge wash' => 1])->coatsOver(Srgb::fromHex('#1b1c1e')), 'a wash is not laid to cover');
    }

    public function test_what_is_no_paint_and_no_recipe_is_refused(): void
    {
        $refused = [
            static fn () => new Coverage(0),
            static fn () => new Coverage(onLight: 10),
            static fn () => new Paint('X', PaintKind::Base, Srgb::fromHex('#000000'), Opacity::Semi, hiding: 0.0),
            static fn () => new Paint('X', PaintKind::Base, Srgb::fromHex('#000000'), Opacity::Semi, hiding: 1.1),
            static fn () => new Paint('X', PaintKind::Base, Srgb::fromHex('#000000'), Opacity::Opaque, potMl: 0.0),
            static fn () => new Paint('X', PaintKind::Base, Srgb::fromHex('#000000'), Opacity::Opaque, stockMl: -1.0),
        ];
        foreach ($refused as $at => $make) {
            try {
                $make();
                self::fail("{$at}");
            } catch (NotAPaint $refusal) {
                self::assertSame('out-of-range', $refusal->code());
            }
        }
        $this->expectException(NotARecipe::class);
        new RecipePart(Paints::of('Weir Blue'), 0.0);
    }

    public function test_water_under_nothing_is_refused(): void
    {
        $this->expectException(NotARecipe::class);
        new Recipe([new RecipePart(Paints::of('Weir Blue'), 1.0)], -0.5);
    }
}
