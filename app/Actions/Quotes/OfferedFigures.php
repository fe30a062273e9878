<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use App\Actions\Bench\Mixes;
use App\Actions\Composing\ComposedFigure;
use App\Actions\FigureTypes\DrawnSides;
use App\Models\FigureMap;

/**
 * The figures of a quote as they are seen from the front, in the colours of their scheme on the day it is made: those whose
 * type is laid out as pictures, each once for units that look alike.
 *
 * @phpstan-import-type OfferedFigure from QuoteContent
 */
final readonly class OfferedFigures
{
    public function __construct(
        private Mixes $mixes,
        private DrawnSides $sides,
    ) {
    }

    /** @return list<OfferedFigure> in the order of the units */
    public function of(QuoteReading $reading): array
    {
        $figures = array_map(static fn (QuotedFigures $quoted): ComposedFigure => $quoted->first(), $reading->lines);
        $fronts = $this->sides->fronts(array_map(static fn (ComposedFigure $figure): int => $figure->typeId(), $figures));
        $offered = [];
        foreach ($this->mixes->ofAll($reading->job, $figures) as $i => $mixes) {
            $figure = $figures[$i];
            $front = $fronts[$figure->typeId()] ?? null;
            if ($front !== null) {
                $picture = self::drawn($figure, $front, $mixes->colour(...));
                $key = json_encode($picture, JSON_THROW_ON_ERROR);
                $offered[$key] ??= [...$picture, 'units' => []];
                $offered[$key]['units'] = array_values(array_unique([...$offered[$key]['units'], $figure->unit->name]));
            }
        }

        return array_values($offered);
    }

    /**
     * @param  callable(string): ?string  $colour hex, by area
     * @return array{type: string, width: int, height: int, areas: list<array{area: string, path: string, hex: string|null}>}
     */
    private static function drawn(ComposedFigure $figure, FigureMap $front, callable $colour): array
    {
        $areas = array_values(array_filter($front->drawn(), static fn (array $area): bool => $figure->type->area($area['area']) !== null));

        return ['type' => $figure->type->name, 'width' => $front->width, 'height' => $front->height, 'areas' => array_map(static fn (array $area): array => ['area' => $area['area'], 'path' => $area['path'], 'hex' => $colour($area['area'])], $areas)];
    }
}
