<?php

declare(strict_types=1);

namespace Tests\Core\Plate;

use Core\Plate\Draughtsman;
use Core\Plate\Mark;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Plate\Sculpts;
use Core\Standard\Extent;
use Core\Standard\PlateShape;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;

/** Drawings of plates: each use that is added is seen. */
final class DraughtsmanTest extends TestCase
{
    /** @return iterable<string, array{PlateShape}> */
    public static function shapes(): iterable
    {
        foreach (PlateShape::cases() as $shape) {
            yield $shape->value => [$shape];
        }
    }

    #[DataProvider('shapes')]
    public function test_a_plate_changes_with_every_technique_that_is_added(PlateShape $shape): void
    {
        $standard = Demo::standard();
        $base = [new TechniqueUse('base', ['base'])];
        $bare = self::drawn($standard, $base, $shape);
        foreach ($standard->techniques as $technique) {
            if ($technique->id !== 'base') {
                $added = self::drawn($standard, [...$base, new TechniqueUse('added', [$technique->id])], $shape);
                // What lays the same colour everywhere again is the only thing that changes nothing.
                $technique->group->value === 'lay-in' && $technique->liesOn->value === 'all' ?: self::assertNotEquals($bare, $added, $technique->id);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_more_of_a_light_is_seen_too(PlateShape $shape): void
    {
        $standard = Demo::standard();
        foreach (['layer', 'edge-line', 'spot-light', 'stipple', 'drybrush'] as $technique) {
            $one = self::drawn($standard, [new TechniqueUse('light', [$technique])], $shape);
            $two = self::drawn($standard, [new TechniqueUse('light', [$technique], steps: 2)], $shape);

            self::assertGreaterThan(count($one), count($two), $technique);
        }
    }

    public function test_a_second_edge_line_is_finer_and_brighter_and_leaves_the_first_in_sight(): void
    {
        $lines = array_values(array_filter(
            self::drawn(Demo::standard(), [new TechniqueUse('line', ['edge-line'], steps: 2)], PlateShape::Hard),
            static fn (Mark $mark): bool => $mark->d === 'M14.8 10.8H50',
        ));

        self::assertCount(2, $lines);
        self::assertLessThan($lines[0]->width, $lines[1]->width);
        self::assertSame(['#8a8a8a', '#b2b2b2'], array_column($lines, 'stroke'));
    }

    public function test_an_edge_line_on_upper_parts_leaves_the_lower_edges_out(): void
    {
        $standard = Demo::standard();
        $count = static fn (Extent $extent): int => count(self::drawn($standard, [new TechniqueUse('line', ['edge-line'], extent: $extent)], PlateShape::Hard));

        self::assertGreaterThan($count(Extent::Upper), $count(Extent::Every));
        self::assertGreaterThan($count(Extent::Focal), $count(Extent::Upper));
    }

    public function test_work_that_leaves_no_colour_paints_nothing(): void
    {
        $standard = Demo::standard();
        $painted = static fn (array $techniques): array => array_values(array_unique(array_filter(array_map(
            static fn (Mark $mark): ?string => $mark->fill,
            self::drawn($standard, array_map(static fn (string $technique): TechniqueUse => new TechniqueUse($technique, [$technique]), array_values(array_filter($techniques, is_string(...)))), PlateShape::Figure),
        ))));

        self::assertSame($painted(['prime-light']), $painted(['clean', 'keep-apart', 'prime-light', 'tidy-back', 'walk-round']), 'a primed figure shows its primer');
    }

    public function test_stubble_grows_round_the_mouth_and_not_on_it(): void
    {
        [$cx, $cy, $rx, $ry] = Sculpts::of(PlateShape::Face)->bare ?? self::fail('A face has lips.');
        $with = self::drawn(Demo::standard(), [new TechniqueUse('stubble', ['texture'])], PlateShape::Face);
        $without = array_map(static fn (Mark $mark): string => $mark->d, self::drawn(Demo::standard(), [], PlateShape::Face));
        $hairs = [];
        foreach ($with as $mark) {
            if (! in_array($mark->d, $without, true)) {
                preg_match_all('/M([\d.]+) ([\d.]+)/', $mark->d, $at, PREG_SET_ORDER);
                array_push($hairs, ...$at);
            }
        }

        self::assertGreaterThan(80, count($hairs));
        foreach ($hairs as [, $x, $y]) {
            self::assertGreaterThan(0.97, (((float) $x - $cx) / $rx) ** 2 + (((float) $y - $cy) / $ry) ** 2);
            self::assertGreaterThan(45.0, (float) $y, 'below the cheekbones');
        }
    }

    public function test_an_eye_is_an_almond_and_a_button_round(): void
    {
        $drawn = static fn (PlateShape $shape, TechniqueUse ...$uses): string => implode(' ', array_map(static fn (Mark $mark): string => $mark->d, self::drawn(Demo::standard(), array_values($uses), $shape)));
        $eye = new TechniqueUse('eye', ['eye'], feature: 'eye');

        self::assertStringContainsString('M45.8 35.2Q50.3 30.8 54.8 35.2', $drawn(PlateShape::Face, $eye));
        self::assertSame(substr_count($drawn(PlateShape::Hard), 'Q'), substr_count($drawn(PlateShape::Hard, $eye), 'Q'));
        self::assertNotSame($drawn(PlateShape::Hard), $drawn(PlateShape::Hard, $eye));
    }

    public function test_the_drawing_is_the_same_each_time(): void
    {
        $uses = [new TechniqueUse('a', ['base']), new TechniqueUse('b', ['stipple']), new TechniqueUse('c', ['rust'])];

        self::assertEquals(self::drawn(Demo::standard(), $uses, PlateShape::Fold), self::drawn(Demo::standard(), $uses, PlateShape::Fold));
    }

    /**
     * @param  list<TechniqueUse>  $uses
     * @return list<Mark>
     */
    private static function drawn(Standard $standard, array $uses, PlateShape $shape): array
    {
        return (new Draughtsman)->draw((new PlateMaker($standard))->make($uses, Palette::neutral()), $shape)->marks;
    }
}
