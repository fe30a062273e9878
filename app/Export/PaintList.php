<?php

declare(strict_types=1);

namespace App\Export;

use Core\Scheme\Paint;

/** Paints in forms that other programs read. */
final readonly class PaintList
{
    /** @param  list<Paint>  $paints */
    public static function csv(array $paints): string
    {
        $rows = [['name', 'kind', 'hex', 'opacity', 'finish', 'ml', 'stock_ml', 'coats_dark', 'coats_middle', 'coats_light', 'note']];
        foreach ($paints as $paint) {
            $rows[] = [
                $paint->name, $paint->kind->value, $paint->colour->hex(), $paint->opacity->value, $paint->finish, $paint->potMl, $paint->stockMl ?? '',
                $paint->coverage->onDark, $paint->coverage->onMiddle, $paint->coverage->onLight, $paint->note,
            ];
        }

        return CsvText::of($rows);
    }

    /**
     * Lines of red, green, blue and a name, below the head that the format has.
     *
     * @param  list<Paint>  $paints
     */
    public static function palette(array $paints, string $name): string
    {
        $lines = ['GIMP Palette', 'Name: '.str_replace(["\r", "\n"], ' ', $name), 'Columns: 4', '#'];
        foreach ($paints as $paint) {
            $bits = (int) hexdec(substr($paint->colour->hex(), 1));
            $lines[] = sprintf("%3d %3d %3d\t%s", $bits >> 16, $bits >> 8 & 255, $bits & 255, $paint->name);
        }

        return implode("\n", $lines)."\n";
    }
}
