<?php

declare(strict_types=1);

namespace Core\Mapping;

/**
 * The lines round the areas of a picture. Two areas that border on each other have the same line there, so that nothing
 * gapes between them however they are drawn.
 */
final readonly class Outlines
{
    /** @return list<Outline> in the order of the map's areas, those that are not seen left out */
    public static function of(SideMap $map): array
    {
        $edges = new LabelEdges($map->grid);
        $outlines = [];
        foreach ($map->areas as $i => $area) {
            $rings = array_map(static fn (array $ring): array => self::smooth($ring, $edges), $edges->rings($i + 1));
            if ($rings !== []) {
                $outlines[] = new Outline($area, $rings, self::inside($map->grid, $i + 1));
            }
        }

        return $outlines;
    }

    /**
     * A line is straightened between the corners where three areas meet, each stretch in the same way whoever goes along it.
     *
     * @param  non-empty-list<int>  $ring
     * @return non-empty-list<array{int, int}>
     */
    private static function smooth(array $ring, LabelEdges $edges): array
    {
        $fixed = array_values(array_filter(array_keys($ring), static fn (int $at): bool => $edges->isJunction($ring[$at])));
        if ($fixed === []) {
            // A ring of two areas alone begins at its least corner, from whichever side it is followed.
            $fixed = [(int) array_search(min($ring), $ring, true)];
        }
        $turned = [...array_slice($ring, $fixed[0]), ...array_slice($ring, 0, $fixed[0])];
        $bounds = [...array_map(static fn (int $at): int => $at - $fixed[0], $fixed), count($turned)];
        $turned[] = $turned[0];
        $corners = [];
        for ($i = 0; $i < count($bounds) - 1; $i++) {
            $stretch = array_map($edges->corner(...), array_slice($turned, $bounds[$i], $bounds[$i + 1] - $bounds[$i] + 1));
            array_push($corners, ...array_slice(Straightening::of($stretch), 0, -1));
        }
        assert($corners !== []);

        return $corners;
    }

    /** @return array{float, float} the middle of the longest stretch of a row that is of the area */
    private static function inside(LabelGrid $grid, int $label): array
    {
        $longest = 0;
        $middle = [0.0, 0.0];
        for ($y = 0; $y < $grid->height; $y++) {
            $row = $grid->row($y);
            for ($x = strcspn($row, chr($label)); $x < $grid->width; $x += $length + strcspn($row, chr($label), $x + $length)) {
                $length = strspn($row, chr($label), $x);
                if ($length > $longest) {
                    $longest = $length;
                    $middle = [(float) ($x + $length / 2), $y + 0.5];
                }
            }
        }

        return $middle;
    }
}
