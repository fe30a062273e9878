<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\AreaFeature;
use App\Models\FigureArea;
use App\Models\FigureType;
use Core\Composition\FigureType as CoreType;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Side;

/** Stored figure types as the core knows them. */
final readonly class FigureTypes
{
    /** What has to be loaded with a type before it can be read. */
    public const RELATIONS = ['areas.features', 'areas.neighbours', 'areas.part', 'areas.sitsOn'];

    public static function core(FigureType $type): CoreType
    {
        return new CoreType($type->name, $type->size_class, array_values($type->areas->map(self::area(...))->all()));
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
        );
    }
}
