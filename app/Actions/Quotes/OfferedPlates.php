<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Bench\FigureMixes;
use App\Actions\Composing\ComposedFigure;
use Core\Composition\TypeArea;
use Core\Plate\Draughtsman;
use Core\Plate\Drawing;
use Core\Plate\Mark;
use Core\Standard\Standard;
use Core\Standard\Surface;

/**
 * How a figure comes out at its tier in the colours of its scheme, where its type is not laid out as pictures: plates of the
 * areas that are seen most, those that draw the eye first.
 *
 * @phpstan-import-type OfferedDrawing from QuoteContent
 */
final readonly class OfferedPlates
{
    /** Of a figure; what is seen of the others is little. */
    private const MOST = 6;

    /** @return array{type: string, tier: string, areas: non-empty-list<array{area: string, drawing: OfferedDrawing}>}|null null where no area has its colours */
    public static function of(ComposedFigure $figure, FigureMixes $mixes, Standard $standard): ?array
    {
        $areas = array_filter($figure->type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE);
        usort($areas, static fn (TypeArea $a, TypeArea $b): int => [$b->focal, $b->area->share] <=> [$a->focal, $a->area->share]);
        $drawn = [];
        foreach ($areas as $area) {
            $plate = count($drawn) < self::MOST ? $mixes->plate($area->area->id) : null;
            if ($plate !== null) {
                $drawn[] = ['area' => $area->area->id, 'drawing' => self::drawing((new Draughtsman)->draw($plate, $standard->surface($area->area->surface)->drawnAs()))];
            }
        }

        return $drawn === [] ? null : ['type' => $figure->type->name, 'tier' => $standard->tier($figure->figure->tier)->name, 'areas' => $drawn];
    }

    /** @param  OfferedDrawing  $drawing */
    public static function drawn(array $drawing): Drawing
    {
        return new Drawing($drawing['outline'], array_map(Mark::of(...), $drawing['marks']));
    }

    /** @return OfferedDrawing */
    private static function drawing(Drawing $drawing): array
    {
        return [
            'outline' => $drawing->outline,
            'marks' => array_map(static fn (Mark $mark): array => $mark->toArray(), $drawing->marks),
        ];
    }
}
