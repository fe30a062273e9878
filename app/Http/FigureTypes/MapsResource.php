<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMap;
use App\Http\Shared\Resource;
use Core\Mapping\PlacedPiece;
use Core\Standard\Side;

/**
 * Sides of a figure as they are laid out: runs of places row by row, the number of an area (0: none) and how many.
 *
 * @phpstan-type MapPiece array{area: string, feature: string, x: float, y: float, name: string}
 * @phpstan-type TypeMap_ array{
 *   side: value-of<Side>,
 *   width: int,
 *   height: int,
 *   picture: string|null,
 *   areas: list<string>,
 *   runs: string,
 *   pieces: list<MapPiece>,
 * }
 */
final readonly class MapsResource extends Resource
{
    /** @param  list<TypeMap>  $maps */
    public function __construct(private array $maps)
    {
    }

    /** @return list<TypeMap_> */
    public function toArray(): array
    {
        return array_map(static fn (TypeMap $map): array => [
            'side' => $map->map->side->value,
            'width' => $map->map->grid->width,
            'height' => $map->map->grid->height,
            'picture' => $map->picture,
            'areas' => $map->map->areas,
            'runs' => implode(' ', $map->map->grid->runs()),
            'pieces' => array_map(self::piece(...), $map->map->pieces),
        ], $this->maps);
    }

    /** @return MapPiece */
    public static function piece(PlacedPiece $piece): array
    {
        return ['area' => $piece->area, 'feature' => $piece->feature, 'x' => $piece->x, 'y' => $piece->y, 'name' => $piece->name];
    }
}
