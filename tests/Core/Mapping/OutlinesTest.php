<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Mapping\LabelGrid;
use Core\Mapping\Outline;
use Core\Mapping\Outlines;
use Core\Mapping\SideMap;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

final class OutlinesTest extends TestCase
{
    public function test_a_box_is_its_four_corners(): void
    {
        [$outline] = self::outlines(MadeGrid::boxes(20, 20, [[1, 3, 4, 10, 5]]), 1);

        self::assertSame('M3 4L13 4L13 9L3 9Z', $outline->path());
        self::assertSame([8.0, 4.5], $outline->inside);
        self::assertSame('a1', $outline->area);
    }

    public function test_a_hole_runs_the_other_way_round(): void
    {
        [$around, $within] = self::outlines(MadeGrid::boxes(20, 20, [[1, 2, 2, 16, 16], [2, 6, 6, 4, 4]]), 2);

        self::assertSame([256.0, -16.0], array_map(self::surface(...), $around->rings));
        self::assertSame([16.0], array_map(self::surface(...), $within->rings));
        self::assertEqualsCanonicalizing($within->rings[0], $around->rings[1]);
    }

    public function test_places_that_meet_at_a_corner_alone_are_two_rings(): void
    {
        [$outline] = self::outlines(MadeGrid::boxes(20, 20, [[1, 2, 2, 4, 4], [1, 6, 6, 4, 4]]), 1);

        self::assertSame(['M6 6L2 6L2 2L6 2ZM6 6L10 6L10 10L6 10Z'], [$outline->path()]);
    }

    public function test_an_area_that_is_not_seen_has_no_outline(): void
    {
        self::assertSame(['a2'], array_map(static fn (Outline $one): string => $one->area, self::outlines(MadeGrid::boxes(9, 9, [[2, 0, 0, 9, 9]]), 3)));
        self::assertSame([], self::outlines(LabelGrid::fromRuns(9, 9, [0, 81]), 2));
    }

    public function test_the_steps_of_a_slanting_edge_are_one_line_and_a_bay_stays(): void
    {
        $slant = array_map(static fn (int $y): string => str_repeat("\1", 4 + $y).str_repeat("\0", 36 - $y), range(0, 19));
        $bay = array_map(static fn (int $y): string => str_pad(str_repeat("\1", $y === 9 || $y === 10 ? 8 : 10), 20, "\0"), range(0, 19));

        self::assertSame(4, count(self::outlines(LabelGrid::ofRows($slant), 1)[0]->rings[0]), 'its two ends and two corners');
        self::assertSame(8, count(self::outlines(LabelGrid::ofRows($bay), 1)[0]->rings[0]));
    }

    public function test_neighbours_have_one_line_between_them_and_it_stays_where_it_was(): void
    {
        $grid = self::blots(20, 160, 200);
        $map = new SideMap(Side::Front, $grid, array_map(static fn (int $i): string => "a{$i}", range(1, 20)));
        $outlines = Outlines::of($map);
        $edges = [];
        foreach ($outlines as $outline) {
            self::assertEqualsWithDelta($map->places()[$outline->area], array_sum(array_map(self::surface(...), $outline->rings)), 0.1 * $map->places()[$outline->area] + 12);
            foreach ($outline->rings as $ring) {
                foreach ($ring as $i => $corner) {
                    $edges[] = [$corner, $ring[($i + 1) % count($ring)]];
                }
            }
        }
        $back = array_map(static fn (array $edge): string => (string) json_encode(array_reverse($edge)), $edges);
        $there = array_flip(array_map(static fn (array $edge): string => (string) json_encode($edge), $edges));
        $shared = count(array_filter($back, static fn (string $edge): bool => isset($there[$edge])));

        // Each line between two areas is there twice, once each way; only towards nothing there is one alone.
        self::assertGreaterThan(count($edges) / 3, $shared);
        foreach ($edges as [$from, $to]) {
            [$x, $y] = [($from[0] + $to[0]) / 2, ($from[1] + $to[1]) / 2];
            self::assertTrue(self::edgeNear($grid, $x, $y), "a line at {$x}, {$y} where no two areas meet");
        }
    }

    private static function edgeNear(LabelGrid $grid, float $x, float $y): bool
    {
        $around = [];
        for ($i = (int) floor($x) - 2; $i <= (int) ceil($x) + 1; $i++) {
            for ($j = (int) floor($y) - 2; $j <= (int) ceil($y) + 1; $j++) {
                $around[$grid->at($i, $j)] = true;
            }
        }

        return count($around) > 1;
    }

    /** Discs over one another, their places from a fixed row of numbers. */
    private static function blots(int $many, int $width, int $height): LabelGrid
    {
        $rows = array_fill(0, $height, str_repeat("\0", $width));
        $number = 7;
        $next = static function (int $most) use (&$number): int {
            $number = ($number * 1103515245 + 12345) % 2147483648;

            return intdiv($number, 65536) % $most;
        };
        for ($label = 1; $label <= $many; $label++) {
            [$x, $y, $r] = [$next($width), $next($height), 12 + $next(24)];
            for ($j = max(0, $y - $r); $j < min($height, $y + $r); $j++) {
                $half = (int) sqrt($r ** 2 - ($j - $y) ** 2);
                [$left, $right] = [max(0, $x - $half), min($width, $x + $half)];
                $rows[$j] = substr_replace($rows[$j], str_repeat(chr($label), max(0, $right - $left)), $left, max(0, $right - $left));
            }
        }

        return LabelGrid::ofRows(array_values($rows));
    }

    /**
     * Signed, by Gauss's formula.
     *
     * @param  non-empty-list<array{int, int}>  $ring
     */
    private static function surface(array $ring): float
    {
        $twice = 0;
        foreach ($ring as $i => [$x, $y]) {
            [$nextX, $nextY] = $ring[($i + 1) % count($ring)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return $twice / 2;
    }

    /** @return list<Outline> */
    private static function outlines(LabelGrid $grid, int $areas): array
    {
        return Outlines::of(new SideMap(Side::Front, $grid, array_map(static fn (int $i): string => "a{$i}", range(1, $areas))));
    }
}
