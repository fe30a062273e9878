<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\ColourDifference;
use Core\Colour\Film;
use Core\Colour\Srgb;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A thin coat over a colour: what must hold, on random colours. */
final class FilmTest extends TestCase
{
    public function test_no_coats_and_no_strength_give_what_is_under_it_and_full_strength_the_film(): void
    {
        foreach (self::pairs(200) as [$under, $film]) {
            self::assertSame($under->hex(), (new Film($film, 0.7))->over($under, 0)->hex());
            self::assertSame($under->hex(), (new Film($film, 0.0))->over($under, 3)->hex());
            self::assertSame($film->hex(), (new Film($film, 1.0))->over($under, 1)->hex());
        }
    }

    public function test_two_coats_that_hide_half_are_as_one_that_hides_three_quarters(): void
    {
        foreach (self::pairs(500) as [$under, $film]) {
            self::assertEqualsWithDelta((new Film($film, 0.75))->over($under, 1)->lab()->toArray(), (new Film($film, 0.5))->over($under, 2)->lab()->toArray(), 1e-9);
        }
    }

    public function test_more_coats_never_come_further_from_the_film_unless_the_hues_are_opposite(): void
    {
        foreach (self::pairs(500) as [$under, $film]) {
            if ($under->lab()->hueApart($film->lab()) > 170) {
                continue;
            }
            $before = INF;
            for ($coats = 0; $coats < 7; $coats++) {
                $distance = ColourDifference::between((new Film($film, 0.3))->over($under, $coats)->lab(), $film->lab());
                self::assertLessThanOrEqual($before + 1e-3, $distance, "{$film->hex()} over {$under->hex()}, {$coats} coats");
                $before = $distance;
            }
        }
    }

    public function test_over_white_it_is_lighter_than_over_black(): void
    {
        foreach (self::pairs(300) as [, $film]) {
            $stain = new Film($film, 0.6);
            self::assertGreaterThan($stain->over(Srgb::fromHex('#000000'), 2)->lightness(), $stain->over(Srgb::fromHex('#ffffff'), 2)->lightness());
        }
    }

    /** Common practice, no source: a stain over white, cream or silver is three colours, and dark over dark. */
    public function test_a_stain_takes_part_of_its_colour_from_what_lies_under_it(): void
    {
        $stain = new Film(Srgb::fromHex('#b8771e'), 0.5);
        $over = array_map(static fn (string $under): string => $stain->over(Srgb::fromHex($under), 1)->hex(), ['#ffffff', '#e9e6dd', '#b6bbbf', '#e2752f']);

        self::assertCount(4, array_unique($over));
        $white = Srgb::fromHex($over[0])->lab();
        $silver = Srgb::fromHex($over[2])->lab();
        self::assertGreaterThan($silver->lightness, $white->lightness);
        self::assertLessThan(15, $white->hueApart($stain->colour->lab()), 'over white it keeps about its hue');
    }

    public function test_a_filter_takes_light_away_by_the_same_factor_in_each_coat(): void
    {
        // Beer–Lambert by hand: white under a film that leaves a quarter, half hidden, leaves half; again, a quarter and its root.
        $film = new Film(Srgb::ofLight(0.25, 0.25, 0.25), 0.5);

        self::assertEqualsWithDelta(0.5, $film->over(Srgb::ofLight(1, 1, 1), 1)->light()[0], 1e-9);
        self::assertEqualsWithDelta(0.25 ** 0.75, $film->over(Srgb::ofLight(1, 1, 1), 2)->light()[0], 1e-9);
        // Over black it adds half of its own light.
        self::assertEqualsWithDelta(0.125, $film->over(Srgb::ofLight(0, 0, 0), 1)->light()[0], 1e-9);
    }

    /** @return list<array{Srgb, Srgb}> */
    private static function pairs(int $many): array
    {
        $random = new Randomizer(new Mt19937(23));
        $colour = static fn (): Srgb => Srgb::fromHex(sprintf('#%06x', $random->getInt(0, 0xFFFFFF)));

        return array_map(static fn (): array => [$colour(), $colour()], range(1, $many));
    }
}
