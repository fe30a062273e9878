<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigureTypes;
use App\Http\Shared\Resource;
use App\Models\AreaFeature;
use App\Models\FigureArea;
use App\Models\FigureType;
use Core\Composition\Difficulty;

/**
 * @phpstan-type TypeArea array{
 *   name: string,
 *   surface: string,
 *   share: float,
 *   focal: bool,
 *   features: list<array{feature: string, pieces: int}>,
 * }
 * @phpstan-type FigureType_ array{
 *   id: int,
 *   key: string,
 *   name: string,
 *   size_class: string,
 *   size: string,
 *   retired: bool,
 *   version: int,
 *   without_neighbours: int,
 *   areas: list<TypeArea>,
 * }
 */
final readonly class FigureTypesResource extends Resource
{
    /** @param  list<FigureType>  $types */
    public function __construct(private array $types)
    {
    }

    /** @return list<FigureType_> */
    public function toArray(): array
    {
        return array_map(self::type(...), $this->types);
    }

    /** @return FigureType_ */
    private static function type(FigureType $type): array
    {
        return [
            'id' => $type->id, 'key' => $type->key, 'name' => $type->name, 'size_class' => $type->size_class->value, 'size' => $type->size_class->inWords().($type->difficulty === Difficulty::Usual ? '' : ", {$type->difficulty->inWords()}"),
            'retired' => $type->retired, 'version' => $type->version,
            'without_neighbours' => count(FigureTypes::withoutNeighbours(FigureTypes::core($type))),
            'areas' => array_values($type->areas->map(static fn (FigureArea $area): array => [
                'name' => $area->key, 'surface' => $area->surface, 'share' => $area->share, 'focal' => $area->focal,
                'features' => array_values($area->features->map(static fn (AreaFeature $feature): array => ['feature' => $feature->feature, 'pieces' => $feature->pieces])->all()),
            ])->all()),
        ];
    }
}
