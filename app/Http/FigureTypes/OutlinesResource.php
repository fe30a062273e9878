<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\Resource;
use App\Models\FigureMap;
use App\Models\FigureMapPiece;
use Core\Standard\Side;

/**
 * The sides of a figure as outlines to draw, each in places of its own picture; `x` and `y` are well inside an area.
 *
 * @phpstan-import-type MapPiece from MapsResource
 *
 * @phpstan-type OutlinedPath array{area: string, path: string, x: float, y: float}
 * @phpstan-type OutlinedSide array{
 *   side: value-of<Side>,
 *   width: int,
 *   height: int,
 *   areas: list<OutlinedPath>,
 *   pieces: list<MapPiece>,
 * }
 */
final readonly class OutlinesResource extends Resource
{
    /** @param  list<FigureMap>  $maps */
    public function __construct(private array $maps)
    {
    }

    /** @return list<OutlinedSide> */
    public function toArray(): array
    {
        return array_map(static fn (FigureMap $map): array => [
            'side' => $map->side->value,
            'width' => $map->width,
            'height' => $map->height,
            'areas' => $map->drawn(),
            'pieces' => array_values($map->pieces->map(static fn (FigureMapPiece $piece): array => [
                'area' => $piece->area->key, 'feature' => $piece->feature, 'x' => $piece->x, 'y' => $piece->y, 'name' => $piece->name,
            ])->all()),
        ], $this->maps);
    }
}
