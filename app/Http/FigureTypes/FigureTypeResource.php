<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigureTypes;
use App\Http\Shared\Resource;
use App\Models\AreaFeature;
use App\Models\FigureArea;
use App\Models\FigureType;
use Core\Composition\Difficulty;
use Core\Composition\SizeClass;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\SurfaceDepth;
use Core\Standard\Side;
use Core\Standard\Surface;

/**
 * A figure type with all that is said of its areas, as it is taken down again.
 *
 * @phpstan-type TypeAreaDraft array{
 *   name: string,
 *   surface: string,
 *   weight: value-of<AreaWeight>|null,
 *   share: float,
 *   focal: bool,
 *   part: string,
 *   depth: int|null,
 *   sides: list<value-of<Side>>|null,
 *   on: string|null,
 *   neighbours: list<string>,
 *   features: list<array{feature: string, pieces: int}>,
 *   places: list<string>,
 *   unsure: bool,
 * }
 * @phpstan-type FigureTypeDraft array{
 *   id: int,
 *   key: string,
 *   name: string,
 *   size_class: value-of<SizeClass>,
 *   difficulty: value-of<Difficulty>,
 *   retired: bool,
 *   version: int,
 *   areas: list<TypeAreaDraft>,
 * }
 */
final readonly class FigureTypeResource extends Resource
{
    public function __construct(private FigureType $type)
    {
    }

    /** @return FigureTypeDraft */
    public function toArray(): array
    {
        $type = $this->type->loadMissing(FigureTypes::RELATIONS);
        $areas = $type->areas->reject(static fn (FigureArea $area): bool => $area->surface === Surface::WHOLE);

        return [
            'id' => $type->id,
            'key' => $type->key,
            'name' => $type->name,
            'size_class' => $type->size_class->value,
            'difficulty' => $type->difficulty->value,
            'retired' => $type->retired,
            'version' => $type->version,
            'areas' => array_values($areas->map(self::area(...))->all()),
        ];
    }

    /** @return TypeAreaDraft */
    private static function area(FigureArea $area): array
    {
        $sides = array_map(Side::from(...), $area->sides);

        return [
            'name' => $area->key,
            'surface' => $area->surface,
            'weight' => $area->weight?->value,
            'share' => $area->share,
            'focal' => $area->focal,
            'part' => $area->part->key ?? '',
            // What is as it usually is nobody has to have said; it follows the surface when that changes.
            'depth' => $area->depth === SurfaceDepth::of($area->surface) ? null : $area->depth,
            'sides' => $sides === ListedArea::usualSides() ? null : array_map(static fn (Side $side): string => $side->value, $sides),
            'on' => $area->sitsOn?->key,
            'neighbours' => array_values($area->neighbours->map(static fn (FigureArea $other): string => $other->key)->all()),
            'features' => array_values($area->features->map(static fn (AreaFeature $feature): array => ['feature' => $feature->feature, 'pieces' => $feature->pieces])->all()),
            'places' => $area->places,
            'unsure' => $area->unsure,
        ];
    }
}
