<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Mapping\LabelGrid;

/** Grids written as one sees them: a digit a place, a dot where nothing is. */
final class MadeGrid
{
    /** @param  list<string>  $drawn */
    public static function of(array $drawn): LabelGrid
    {
        return LabelGrid::ofRows(array_map(
            static fn (string $row): string => implode('', array_map(static fn (string $place): string => chr($place === '.' ? 0 : (int) $place), str_split($row))),
            $drawn,
        ));
    }

    /** @param  list<array{int, int, int, int, int}>  $boxes number, left, top, width, height; a later one lies on the earlier */
    public static function boxes(int $width, int $height, array $boxes): LabelGrid
    {
        $rows = array_fill(0, $height, str_repeat("\0", $width));
        foreach ($boxes as [$label, $left, $top, $wide, $high]) {
            for ($y = $top; $y < $top + $high; $y++) {
                $rows[$y] = substr_replace($rows[$y], str_repeat(chr($label), $wide), $left, $wide);
            }
        }

        return LabelGrid::ofRows(array_values($rows));
    }
}
