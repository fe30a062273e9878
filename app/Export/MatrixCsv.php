<?php

declare(strict_types=1);

namespace App\Export;

use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;

/**
 * The matrix of a standard as CSV (RFC 4180): a row for each surface, a column for each tier, in a cell
 * the uses in the order of laying, one a line; what a job chooses from stands as to choose.
 */
final readonly class MatrixCsv
{
    public static function of(Standard $standard): string
    {
        $tiers = $standard->tiersByRank();
        $lines = [['Surface', ...array_column($tiers, 'name')]];
        foreach ($standard->surfaces as $surface) {
            $cells = array_map(static fn ($tier): string => self::cell($standard->requirement($tier->id, $surface->id), $standard), $tiers);
            $lines[] = [$surface->name, ...$cells];
        }

        return CsvText::of($lines);
    }

    private static function cell(?Requirement $requirement, Standard $standard): string
    {
        if ($requirement === null) {
            return 'undecided';
        }

        return $requirement->asksNothing()
            ? 'not asked for'
            : implode("\n", array_map(static fn (TechniqueUse $use): string => self::use($use, $requirement, $standard), $requirement->uses));
    }

    private static function use(TechniqueUse $use, Requirement $requirement, Standard $standard): string
    {
        $name = UseWords::techniques($use, $standard);
        $degree = UseWords::degree($use);
        $menu = $requirement->menuOf($use->id);

        return ($menu === null ? '' : "to choose, {$menu->words()}: ").($degree === '' ? $name : "{$name} ({$degree})");
    }
}
