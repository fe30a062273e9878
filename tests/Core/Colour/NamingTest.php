<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\BadColour;
use Core\Colour\ColourFamily;
use Core\Colour\ColourText;
use Core\Colour\GreyCard;
use Core\Colour\Lab;
use Core\Colour\Srgb;
use Core\Colour\ToneWords;
use Core\Colour\UnusableGreyCard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Colours as painters say, type and photograph them. Common practice, no source; thresholds from memory. */
final class NamingTest extends TestCase
{
    /** @return iterable<string, array{string, ColourFamily}> */
    public static function families(): iterable
    {
        yield 'paper' => ['#f4f4f2', ColourFamily::White];
        yield 'stone' => ['#808080', ColourFamily::Grey];
        yield 'soot' => ['#151515', ColourFamily::Black];
        yield 'fire' => ['#d02010', ColourFamily::Red];
        yield 'a deep red is no brown' => ['#7a1014', ColourFamily::Red];
        yield 'lamp' => ['#e2752f', ColourFamily::Orange];
        yield 'leather' => ['#6a4a31', ColourFamily::Brown];
        yield 'brass yellow' => ['#e2b53c', ColourFamily::Yellow];
        yield 'leaf' => ['#3c7a33', ColourFamily::Green];
        yield 'sea' => ['#2f56a8', ColourFamily::Blue];
        yield 'dusk' => ['#6a2f90', ColourFamily::Purple];
    }

    #[DataProvider('families')]
    public function test_a_colour_belongs_to_a_family(string $hex, ColourFamily $family): void
    {
        self::assertSame($family, ColourFamily::of(Srgb::fromHex($hex)->lab()));
    }

    /**
     * On both sides of each bound.
     *
     * @return iterable<string, array{float, float, float, ColourFamily}> L*, C*ab, h
     */
    public static function bounds(): iterable
    {
        foreach ([
            [50, 7.9, 250, ColourFamily::Grey], [50, 8.1, 250, ColourFamily::Blue], [80, 7.9, 250, ColourFamily::White], [79.9, 7.9, 250, ColourFamily::Grey], [22, 0, 0, ColourFamily::Grey], [21.9, 0, 0, ColourFamily::Black],
            [60, 50, 39.9, ColourFamily::Red], [60, 50, 40.1, ColourFamily::Orange], [60, 50, 64.9, ColourFamily::Orange], [60, 50, 65.1, ColourFamily::Yellow], [60, 50, 104.9, ColourFamily::Yellow], [60, 50, 105.1, ColourFamily::Green],
            [60, 50, 189.9, ColourFamily::Green], [60, 50, 190.1, ColourFamily::Blue], [60, 50, 289.9, ColourFamily::Blue], [60, 50, 290.1, ColourFamily::Purple], [60, 50, 344.9, ColourFamily::Purple], [60, 50, 345.1, ColourFamily::Red],
            [49.9, 44.9, 70, ColourFamily::Brown], [50, 44.9, 70, ColourFamily::Yellow], [49.9, 45.1, 70, ColourFamily::Yellow], [40, 30, 40.1, ColourFamily::Brown], [40, 30, 39.9, ColourFamily::Red], [40, 30, 94.9, ColourFamily::Brown], [40, 30, 95.1, ColourFamily::Yellow],
        ] as [$lightness, $chroma, $hue, $family]) {
            yield "L {$lightness} C {$chroma} h {$hue}" => [$lightness, $chroma, $hue, $family];
        }
    }

    #[DataProvider('bounds')]
    public function test_a_family_ends_where_it_is_said_to(float $lightness, float $chroma, float $hue, ColourFamily $family): void
    {
        self::assertSame($family, ColourFamily::of(new Lab($lightness, $chroma * cos(deg2rad($hue)), $chroma * sin(deg2rad($hue)))));
    }

    public function test_a_side_is_said_from_its_least_on(): void
    {
        $grey = new Lab(50, 0, 0);

        self::assertSame(['lighter'], ToneWords::of(new Lab(51.5, 0, 0), $grey));
        self::assertSame(['darker'], ToneWords::of(new Lab(48.5, 0, 0), $grey));
        self::assertSame([], ToneWords::of(new Lab(51.49, 0, 0), $grey));
        // Warmth of a difference along a* is half of it.
        self::assertSame(['warmer'], ToneWords::of(new Lab(50, 2.99, 0.02), $grey));
        self::assertSame([], ToneWords::of(new Lab(50, 2.9, 0), $grey));
        self::assertSame(['colder', 'stronger'], ToneWords::of(new Lab(50, -3.01, 0), $grey));
        self::assertSame([], ToneWords::of(new Lab(50, 20, 34.64), new Lab(50, 21.45, 37.15)), 'less than 3 of chroma along the warmest hue');
    }

    public function test_on_which_side_a_colour_is_of_another(): void
    {
        $grey = new Lab(50, 0, 0);

        self::assertSame([], ToneWords::of($grey, $grey));
        self::assertSame(['lighter'], ToneWords::of(new Lab(60, 0, 0), $grey));
        self::assertSame(['darker', 'warmer', 'stronger'], ToneWords::of(new Lab(40, 10, 15), $grey));
        self::assertSame(['colder', 'stronger'], ToneWords::of(new Lab(50, -5, -20), $grey));
        self::assertSame(['darker', 'greyer'], ToneWords::of(new Lab(40, 20, 10), new Lab(50, 40, 20)), 'half of a red is no colder');
        self::assertSame(['warmer'], ToneWords::of(new Lab(50, 30, 30), new Lab(50, 42.43, 0)), 'from red toward orange');
        self::assertSame(['greyer'], ToneWords::of(new Lab(50, -17.32, 10), new Lab(50, -34.64, 20)), 'along a hue that is neither warm nor cold');
    }

    /** @return iterable<string, array{string, string}> */
    public static function typed(): iterable
    {
        yield 'hex' => ['#3E4C57', '#3e4c57'];
        yield 'hex without its sign' => ['3e4c57', '#3e4c57'];
        yield 'short hex' => ['#abc', '#aabbcc'];
        yield 'L*a*b* with commas' => ['50, 0, 0', '#777777'];
        yield 'L*a*b* with blanks' => ['100 0 0', '#ffffff'];
        yield 'L*a*b* in brackets' => ['lab(50 0 0)', '#777777'];
    }

    #[DataProvider('typed')]
    public function test_a_colour_is_read_as_it_is_typed(string $text, string $hex): void
    {
        self::assertSame($hex, ColourText::read($text)->hex());
    }

    public function test_what_is_no_colour_is_refused_with_what_would_be_right(): void
    {
        foreach (['', 'red', '#12345', '#12345g', '50, 0', '101, 0, 0', '-1 0 0', '50,0,0,0'] as $text) {
            try {
                ColourText::read($text);
                self::fail($text);
            } catch (BadColour $refusal) {
                self::assertSame('bad-colour', $refusal->code());
                self::assertMatchesRegularExpression('/#3e4c57|0 for black/', $refusal->getMessage());
            }
        }
    }

    public function test_a_grey_card_takes_the_light_of_the_room_away(): void
    {
        // By hand: in light of half, three quarters and a quarter of white, a card of 0.18 is seen so, and so is a swatch of 0.4, 0.2, 0.1.
        $card = Srgb::ofLight(0.18 * 0.5, 0.18 * 0.75, 0.18 * 0.25);
        $seen = Srgb::ofLight(0.4 * 0.5, 0.2 * 0.75, 0.1 * 0.25);

        self::assertEqualsWithDelta([0.4, 0.2, 0.1], GreyCard::corrected($seen, $card)->light(), 1e-9);
        self::assertEqualsWithDelta([0.18, 0.18, 0.18], GreyCard::corrected($card, $card)->light(), 1e-9);
    }

    public function test_a_card_that_tells_nothing_is_refused(): void
    {
        foreach ([[0.001, 0.18, 0.18], [0.95, 0.95, 0.95]] as $light) {
            try {
                GreyCard::corrected(Srgb::ofLight(0.2, 0.2, 0.2), Srgb::ofLight(...$light));
                self::fail('It was taken.');
            } catch (UnusableGreyCard $refusal) {
                self::assertSame('unusable-card', $refusal->code());
            }
        }
    }
}
