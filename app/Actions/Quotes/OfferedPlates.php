<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Bench\FigureMixes;
use App\Actions\Bench\Mixes;
use App\Actions\Composing\ComposedFigure;
use App\Actions\FigureTypes\DrawnSides;
use Core\Composition\TypeArea;
use Core\Plate\Draughtsman;
use Core\Plate\Drawing;
use Core\Plate\Mark;
use Core\Standard\Surface;

/**
 * How the figures of a quote come out at their tier in the colours of their scheme, of types that are not laid out as pictures:
 * plates of the areas that are seen most, those that draw the eye first. Each once for units that come out alike.
 *
 * @phpstan-import-type OfferedPlates_ from QuoteContent
 * @phpstan-import-type OfferedDrawing from QuoteContent
 */
final readonly class OfferedPlates
{
    /** Of a figure; what is seen of the others is little. */
    private const MOST = 6;

    public function __construct(
        private Mixes $mixes,
        private DrawnSides $sides,
    ) {
    }

    /** @return list<OfferedPlates_> in the order of the units, those left out of which no area has its colours */
    public function of(QuoteReading $reading): array
    {
        $figures = array_map(static fn (QuotedFigures $quoted): ComposedFigure => $quoted->first(), $reading->lines);
        $fronts = $this->sides->fronts(array_map(static fn (ComposedFigure $figure): int => $figure->typeId(), $figures));
        $offered = [];
        foreach ($this->mixes->ofAll($reading->job, $figures) as $i => $mixes) {
            $figure = $figures[$i];
            $areas = isset($fronts[$figure->typeId()]) ? [] : self::areas($figure, $mixes, $reading);
            if ($areas !== []) {
                $plates = ['type' => $figure->type->name, 'tier' => $reading->lines[$i]->tier->name, 'areas' => $areas];
                $key = json_encode($plates, JSON_THROW_ON_ERROR);
                $offered[$key] ??= [...$plates, 'units' => []];
                $offered[$key]['units'] = array_values(array_unique([...$offered[$key]['units'], $figure->unit->name]));
            }
        }

        return array_values($offered);
    }

    /** @return list<array{area: string, drawing: OfferedDrawing}> */
    private static function areas(ComposedFigure $figure, FigureMixes $mixes, QuoteReading $reading): array
    {
        $areas = array_filter($figure->type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE);
        usort($areas, static fn (TypeArea $a, TypeArea $b): int => [$b->focal, $b->area->share] <=> [$a->focal, $a->area->share]);
        $drawn = [];
        foreach ($areas as $area) {
            $plate = count($drawn) < self::MOST ? $mixes->plate($area->area->id) : null;
            if ($plate !== null) {
                $drawn[] = ['area' => $area->area->id, 'drawing' => self::drawing((new Draughtsman)->draw($plate, $reading->standard->surface($area->area->surface)->drawnAs()))];
            }
        }

        return $drawn;
    }

    /** @return OfferedDrawing */
    private static function drawing(Drawing $drawing): array
    {
        return [
            'outline' => $drawing->outline,
            'marks' => array_map(static fn (Mark $mark): array => [
                'd' => $mark->d, 'fill' => $mark->fill, 'stroke' => $mark->stroke, 'width' => $mark->width,
                'opacity' => round($mark->opacity, 3), 'blur' => round($mark->blur, 1), 'outside' => $mark->outside,
            ], $drawing->marks),
        ];
    }
}
