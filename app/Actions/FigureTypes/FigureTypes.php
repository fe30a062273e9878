<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\AreaFeature;
use App\Models\FigureArea;
use App\Models\FigureType;
use Core\Composition\FigureType as CoreType;
use Core\Composition\Neighbours;
use Core\Composition\TypeArea;
use Core\Listing\AreaWeight;
use Core\Standard\Area;
use Core\Standard\Side;
use Core\Standard\Surface;

/** Stored figure types as the core knows them. */
final readonly class FigureTypes
{
    /** What has to be loaded with a type before it can be read. */
    public const RELATIONS = ['areas.features', 'areas.neighbours', 'areas.part', 'areas.sitsOn'];

    /** @return list<string> what has to be loaded with what has a type, by that name */
    public static function within(string $relation): array
    {
        return array_map(static fn (string $own): string => "{$relation}.{$own}", self::RELATIONS);
    }

    public static function core(FigureType $type): CoreType
    {
        return new CoreType($type->name, $type->size_class, array_values($type->areas->map(self::area(...))->all()), $type->difficulty);
    }

    /** @return array<array-key, AreaWeight> by area, of those that were sized by a word */
    public static function weights(FigureType $type): array
    {
        $weights = [];
        foreach ($type->areas as $area) {
            if ($area->weight !== null) {
                $weights[$area->key] = $area->weight;
            }
        }

        return $weights;
    }

    /** @return list<string> areas of which nobody has said what they border on, the figure as one not among them */
    public static function withoutNeighbours(CoreType $type): array
    {
        $neighbours = new Neighbours($type);
        $alone = array_filter($type->areas, static fn (TypeArea $area): bool => $area->area->surface !== Surface::WHOLE && $neighbours->of($area->area->id) === []);

        return array_values(array_map(static fn (TypeArea $area): string => $area->area->id, $alone));
    }

    private static function area(FigureArea $area): TypeArea
    {
        /** @var array<array-key, int> $features */
        $features = $area->features->mapWithKeys(static fn (AreaFeature $feature): array => [$feature->feature => $feature->pieces])->all();

        return new TypeArea(
            new Area($area->key, $area->surface, $area->share, $features),
            $area->part->key ?? '',
            $area->depth,
            $area->focal,
            array_map(Side::from(...), $area->sides ?? []),
            array_values($area->neighbours->map(static fn (FigureArea $other): string => $other->key)->all()),
            $area->sitsOn?->key,
            $area->places,
            $area->unsure,
        );
    }
}
