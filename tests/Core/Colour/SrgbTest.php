<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\BadColour;
use Core\Colour\Lab;
use Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SrgbTest extends TestCase
{
    /**
     * L* of the primaries of IEC 61966-2-1 at D65, as published in tables of the sRGB gamut in CIELAB
     * (Lindbloom, "RGB Working Space Information"): red 53.24, green 87.73, blue 32.30.
     *
     * @return iterable<string, array{string, float}>
     */
    public static function published(): iterable
    {
        yield 'black' => ['#000000', 0.0];
        yield 'white' => ['#ffffff', 100.0];
        yield 'red' => ['#ff0000', 53.24];
        yield 'green' => ['#00ff00', 87.73];
        yield 'blue' => ['#0000ff', 32.30];
        yield 'the middle grey of 119, by hand: Y 0.1845, L* 50.03' => ['#777777', 50.03];
        yield 'in the straight part of both curves, by hand: 5/255/12.92 × 903.3' => ['#050505', 1.371];
    }

    #[DataProvider('published')]
    public function test_lightness(string $hex, float $lightness): void
    {
        self::assertEqualsWithDelta($lightness, Srgb::fromHex($hex)->lightness(), 0.01);
    }

    public function test_every_grey_comes_back_as_it_was(): void
    {
        for ($level = 0; $level < 256; $level++) {
            $hex = sprintf('#%02x%02x%02x', $level, 255 - $level, ($level * 7) % 256);
            self::assertSame($hex, Srgb::fromHex($hex)->hex());
        }
    }

    public function test_digits_in_either_case_are_answered_in_lower_case(): void
    {
        self::assertSame('#abcdef', Srgb::fromHex('#ABcdEF')->hex());
    }

    /**
     * L*a*b* of the primaries at D65, as published in tables of the sRGB gamut in CIELAB (Lindbloom).
     *
     * @return iterable<string, array{string, float, float, float}>
     */
    public static function publishedLab(): iterable
    {
        yield 'white' => ['#ffffff', 100.0, 0.0, 0.0];
        yield 'red' => ['#ff0000', 53.24, 80.09, 67.20];
        yield 'green' => ['#00ff00', 87.73, -86.18, 83.18];
        yield 'blue' => ['#0000ff', 32.30, 79.19, -107.86];
        yield 'yellow' => ['#ffff00', 97.14, -21.55, 94.48];
        yield 'black' => ['#000000', 0.0, 0.0, 0.0];
    }

    #[DataProvider('publishedLab')]
    public function test_to_lab_and_back(string $hex, float $lightness, float $a, float $b): void
    {
        $lab = Srgb::fromHex($hex)->lab();

        self::assertEqualsWithDelta([$lightness, $a, $b], $lab->toArray(), 0.01);
        self::assertSame($hex, Srgb::fromLab($lab)->hex());
    }

    public function test_every_colour_comes_back_from_lab(): void
    {
        for ($bits = 0; $bits <= 0xFFFFFF; $bits += 4099) {
            $hex = sprintf('#%06x', $bits);
            self::assertSame($hex, Srgb::fromLab(Srgb::fromHex($hex)->lab())->hex());
        }
    }

    public function test_what_no_screen_shows_is_brought_to_what_it_can(): void
    {
        self::assertSame('#00ff00', Srgb::fromLab(new Lab(87.7, -200, 200))->hex());
    }

    public function test_half_of_white_over_black_lets_half_the_light_through(): void
    {
        // Linear 0.5 is 0.7354 encoded: 187.5 of 255.
        self::assertSame('#bcbcbc', Srgb::fromHex('#000000')->under(Srgb::fromHex('#ffffff'), 0.5)->hex());
    }

    public function test_what_is_no_colour_is_refused(): void
    {
        foreach (['red', '#12345', '#1234567', '123456', '#12345g', ''] as $written) {
            try {
                Srgb::fromHex($written);
                self::fail($written);
            } catch (BadColour $refusal) {
                self::assertSame('bad-colour', $refusal->code());
            }
        }
    }
}
