<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Srgb;
use Core\Plate\Palette;
use Core\Scheme\AreaLadder;
use Core\Scheme\Ground;
use Core\Scheme\LadderReading;
use Core\Scheme\OverAllPaint;
use Core\Scheme\PlateColours;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Standard\TechniqueGroup;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** The colours of a plate where its uses have none of their own: those of the paint, not of what is seen of it over something. */
final class PlateColoursTest extends TestCase
{
    private const GROUND = '#777777';

    public function test_each_kind_has_its_paint(): void
    {
        $palette = self::of([
            new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])),
            new Rung(RungRole::Shade, Paints::mix(['Lamp Black' => 1]), 0.5), new Rung(RungRole::Shade, Paints::mix(['Rust Buoy' => 1]), 0.2),
            new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.5), new Rung(RungRole::Light, Paints::mix(['Gull White' => 1]), 0.1),
        ]);

        self::assertSame(['#3e4c57', '#161617', ['#4f7390', '#f1efe6'], '#4f7390'], self::told($palette));
    }

    public function test_a_paint_that_has_no_colour_is_passed_over(): void
    {
        $palette = self::of([
            new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])),
            new Rung(RungRole::Shade, Paints::mix(['Thin medium' => 1]), 0.5), new Rung(RungRole::Shade, Paints::mix(['Rust Buoy' => 1]), 0.2),
            new Rung(RungRole::Light, Paints::mix(['Thin medium' => 1]), 0.5), new Rung(RungRole::Light, Paints::mix(['Gull White' => 1]), 0.1),
        ]);

        self::assertSame(['#3e4c57', '#8c3a26', ['#f1efe6'], '#f1efe6'], self::told($palette));
    }

    public function test_what_is_not_said_follows_the_base_and_the_base_the_ground(): void
    {
        $base = Srgb::fromHex('#3e4c57');
        $third = Srgb::ofLight(...array_map(static fn (float $light): float => $light / 3, $base->light()))->hex();

        self::assertSame(['#3e4c57', $third, ['#3e4c57'], '#3e4c57'], self::told(self::of([new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1]))])));
        self::assertSame(self::GROUND, self::of([])->base->hex());
    }

    public function test_grounds_of_the_area_take_the_place_of_the_schemes_where_they_cover_it_all(): void
    {
        $ground = static fn (float $cover): array => array_map(
            static fn (int $before): ?string => self::of([new Rung(RungRole::Ground, Paints::mix(['Pitch primer' => 1]), $cover)])->colour(TechniqueGroup::Ground, $before)?->hex(),
            [0, 1],
        );

        self::assertSame('#1b1c1e', $ground(1.0)[0]);
        self::assertSame(self::GROUND, $ground(0.5)[0]);
        self::assertNotSame(self::GROUND, $ground(0.5)[1]);
    }

    /** @return array{string, string, list<string>, string} base, shade, lights, detail */
    private static function told(Palette $palette): array
    {
        return [$palette->base->hex(), $palette->shade->hex(), array_map(static fn (Srgb $light): string => $light->hex(), $palette->lights), $palette->detail->hex()];
    }

    /** @param  list<Rung>  $rungs */
    private static function of(array $rungs): Palette
    {
        return PlateColours::of(new LadderReading(new AreaLadder('coat', $rungs), new Ground(Srgb::fromHex(self::GROUND))), [], OverAllPaint::none());
    }
}
