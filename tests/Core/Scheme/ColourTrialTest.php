<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Srgb;
use Core\Scheme\ColourTrial;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Standard\Opacity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** What is looked for is put in first: the trial finds the way back. */
final class ColourTrialTest extends TestCase
{
    #[TestWith([3, 1])]
    #[TestWith([1, 1])]
    #[TestWith([1, 5])]
    public function test_the_ratio_that_a_colour_was_mixed_in_is_found_again(int $own, int $others): void
    {
        [$one, $other] = [Paints::mix(['Rust Buoy' => 1]), Paints::mix(['Gull White' => 1])];
        $wanted = $one->mixedWith($other, $own, $others);
        $found = ColourTrial::ratio($one, $other, $wanted->colour() ?? self::fail('It has a colour.'));

        self::assertSame($wanted->text(), $found?->recipe->text());
        self::assertEqualsWithDelta(0.0, $found->apart, 1e-6);
    }

    public function test_either_alone_is_a_way_and_the_simpler_of_two_alike_is_taken(): void
    {
        [$one, $other] = [Paints::mix(['Rust Buoy' => 1]), Paints::mix(['Gull White' => 1])];

        self::assertSame('Gull White', ColourTrial::ratio($one, $other, Srgb::fromHex('#f1efe6'))?->recipe->text());
        self::assertSame('Rust Buoy', ColourTrial::ratio($one, Paints::mix(['Rust Buoy' => 1]), Srgb::fromHex('#8c3a26'))?->recipe->text());
        self::assertNull(ColourTrial::ratio(Paints::mix(['Thin medium' => 1]), Paints::mix(['Thin medium' => 1]), Srgb::fromHex('#808080')), 'medium has no colour');
    }

    #[TestWith([0, 1])]
    #[TestWith([3, 1])]
    #[TestWith([4, 2])]
    #[TestWith([8, 3])]
    public function test_the_glaze_that_a_colour_was_laid_in_is_found_again_or_one_as_near(int $medium, int $coats): void
    {
        $glaze = Paints::mix(['Rosy wash' => 1]);
        $recipe = $medium === 0 ? $glaze : $glaze->mixedWith(Paints::mix(['Thin medium' => 1]), 1, $medium);
        $under = Srgb::fromHex('#e0b79b');
        $found = ColourTrial::glaze($glaze, Paints::of('Thin medium'), $under, $recipe->over($under, $coats));

        self::assertNotNull($found);
        self::assertLessThanOrEqual(0.7, $found->apart);
        self::assertLessThanOrEqual($coats, $found->coats, 'no more coats than it took');
    }

    /** A thin paint hides little of what lies under it, so that six coats are told from five and seven. */
    #[TestWith([1, 1])]
    #[TestWith([5, 5])]
    #[TestWith([6, 6])]
    #[TestWith([7, 6])]
    public function test_so_many_coats_are_told_and_no_more_than_six(int $laid, int $told): void
    {
        $glaze = Recipe::of(new Paint('Sea glaze', PaintKind::Stain, Srgb::fromHex('#102050'), Opacity::Transparent, hiding: 0.08));
        $under = Srgb::fromHex('#f0f0f0');
        $found = ColourTrial::glaze($glaze, null, $under, $glaze->over($under, $laid));

        self::assertSame([$told, 'Sea glaze'], [$found?->coats, $found?->recipe->text()]);
    }

    /** What is mixed is laid in one coat over what is there. */
    public function test_a_ratio_is_looked_for_over_what_lies_under_it(): void
    {
        $thin = static fn (string $name, string $hex): Recipe => Recipe::of(new Paint($name, PaintKind::Stain, Srgb::fromHex($hex), Opacity::Transparent, hiding: 0.4));
        [$one, $other, $under] = [$thin('Sea glaze', '#102050'), $thin('Rust glaze', '#902010'), Srgb::fromHex('#f0f0f0')];
        $wanted = $one->mixedWith($other, 3, 1);
        $found = ColourTrial::ratio($one, $other, $wanted->over($under, 1), $under);

        self::assertSame([$wanted->text(), 1], [$found?->recipe->text(), $found?->coats]);
        self::assertEqualsWithDelta(0.0, $found->apart ?? 1.0, 1e-6);
        self::assertNotSame($wanted->text(), ColourTrial::ratio($one, $other, $wanted->over($under, 1))?->recipe->text(), 'by itself it is another');
    }

    public function test_the_parts_of_medium_are_to_one_of_paint(): void
    {
        $glaze = Recipe::of(new Paint('Sea glaze', PaintKind::Stain, Srgb::fromHex('#102050'), Opacity::Transparent, hiding: 0.6));
        $under = Srgb::fromHex('#f0f0f0');
        $thinned = $glaze->mixedWith(Paints::mix(['Thin medium' => 1]), 1, 3);

        self::assertSame($thinned->text(), ColourTrial::glaze($glaze, Paints::of('Thin medium'), $under, $thinned->over($under, 1))?->recipe->text());
    }

    public function test_without_a_medium_a_glaze_is_laid_as_it_is(): void
    {
        $glaze = Recipe::of(new Paint('Sea glaze', PaintKind::Stain, Srgb::fromHex('#204060'), Opacity::Transparent, hiding: 0.3));
        $under = Srgb::fromHex('#f0f0f0');
        $found = ColourTrial::glaze($glaze, null, $under, $glaze->over($under, 4));

        self::assertSame(['Sea glaze', 4], [$found?->recipe->text(), $found?->coats]);
        self::assertNull(ColourTrial::glaze(Paints::mix(['Thin medium' => 1]), null, $under, $under));
    }

    public function test_it_says_how_far_from_what_is_wanted_the_nearest_stays(): void
    {
        $found = ColourTrial::ratio(Paints::mix(['Lamp Black' => 1]), Paints::mix(['Gull White' => 1]), Srgb::fromHex('#c02020'));

        self::assertGreaterThan(20.0, $found?->apart, 'no grey is red');
    }
}
