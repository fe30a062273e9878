<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\CurrentStudio;
use App\Models\FigureArea;
use App\Models\FigureMap;
use App\Models\FigureMapArea;
use App\Models\FigureMapPiece;
use App\Models\FigureType;
use App\Refusals\NotRight;
use Core\Composition\FigureType as CoreType;
use Core\Mapping\FigureMap as CoreMap;
use Core\Mapping\NotAMap;
use Core\Mapping\Outlines;
use Core\Mapping\PlacedPiece;
use Core\Mapping\SideMap;

/** Maps of figure types, read from their rows and written into them. */
final readonly class TypeMaps
{
    private const RELATIONS = ['areas.area', 'pieces.area'];

    public function __construct(
        private CurrentStudio $studio,
        private FigurePictures $pictures,
    ) {
    }

    /** @return list<TypeMap> side by side */
    public function of(FigureType $type): array
    {
        return $this->ofAll([$type])[$type->id] ?? [];
    }

    /**
     * @param  list<FigureType>  $types
     * @return array<int, list<TypeMap>> by type
     */
    public function ofAll(array $types): array
    {
        $maps = [];
        foreach (FigureMap::query()->whereIn('figure_type_id', array_map(static fn (FigureType $type): int => $type->id, $types))->with(self::RELATIONS)->orderBy('id')->get() as $row) {
            $maps[$row->figure_type_id][] = new TypeMap(self::core($row), $row->picture);
        }

        return $maps;
    }

    /**
     * @param  list<TypeMap>  $maps
     *
     * @throws NotAMap if a side stands twice, or one shows an area that the type has not
     * @throws NotRight if the studio has not what one was outlined on
     */
    public function require(array $maps, CoreType $type): void
    {
        self::together($maps, '/maps')->requireFits($type, '/maps');
        foreach ($maps as $i => $map) {
            if ($map->picture !== null && ! $this->pictures->isThere($map->picture)) {
                throw NotRight::at("/maps/{$i}/picture", 'unknown-picture', 'The picture that this was outlined on is not there; choose it again. What is outlined stays.');
            }
        }
    }

    /**
     * In the place of those that are there. Called within a transaction, after the areas are written.
     *
     * @param  list<TypeMap>  $maps that fit the type
     */
    public function write(FigureType $type, array $maps): void
    {
        /** @var array<array-key, int> $ids */
        $ids = FigureArea::query()->where('figure_type_id', $type->id)->pluck('id', 'key')->all();
        FigureMap::query()->where('figure_type_id', $type->id)->whereNotIn('side', array_map(static fn (TypeMap $map): string => $map->map->side->value, $maps))->delete();
        foreach ($maps as $map) {
            $this->side($type, $map, $ids);
        }
    }

    /** Of the studio's type to a job's copy; what it was outlined on stays with the studio's. */
    public function copy(FigureType $from, FigureType $to): void
    {
        $this->write($to, array_map(static fn (TypeMap $map): TypeMap => new TypeMap($map->map, null), $this->of($from)));
    }

    /** @param  list<TypeMap>  $maps */
    public static function together(array $maps, string $at = ''): CoreMap
    {
        return new CoreMap(array_map(static fn (TypeMap $map): SideMap => $map->map, $maps), $at);
    }

    /** @param  array<array-key, int>  $ids of areas, by name */
    private function side(FigureType $type, TypeMap $map, array $ids): void
    {
        $side = $map->map;
        $row = FigureMap::query()->updateOrCreate(['figure_type_id' => $type->id, 'side' => $side->side->value], [
            'width' => $side->grid->width, 'height' => $side->grid->height, 'labels' => $side->grid, 'picture' => $map->picture, 'outlines' => self::outlines($side),
        ]);
        $row->areas()->delete();
        $row->pieces()->delete();
        $ofMap = ['studio_id' => $this->studio->id(), 'figure_map_id' => $row->id];
        FigureMapArea::query()->insert(array_map(static fn (int $i, string $area): array => [...$ofMap, 'label' => $i + 1, 'figure_area_id' => $ids[$area]], array_keys($side->areas), $side->areas));
        FigureMapPiece::query()->insert(array_map(static fn (PlacedPiece $piece): array => [
            ...$ofMap, 'figure_area_id' => $ids[$piece->area], 'feature' => $piece->feature, 'x' => $piece->x, 'y' => $piece->y, 'name' => $piece->name,
        ], $side->pieces));
    }

    /** @return array<int, array{path: string, x: float, y: float}> by label */
    private static function outlines(SideMap $map): array
    {
        $outlines = [];
        foreach (Outlines::of($map) as $outline) {
            $outlines[1 + (int) array_search($outline->area, $map->areas, true)] = ['path' => $outline->path(), 'x' => $outline->inside[0], 'y' => $outline->inside[1]];
        }

        return $outlines;
    }

    private static function core(FigureMap $row): SideMap
    {
        // A label whose area is gone is no area any more.
        $numbers = [];
        $areas = [];
        foreach ($row->areas as $area) {
            $areas[] = $area->area->key;
            $numbers[$area->label] = count($areas);
        }

        return new SideMap(
            $row->side,
            $row->labels->renumbered($numbers),
            $areas,
            array_values($row->pieces->map(static fn (FigureMapPiece $piece): PlacedPiece => new PlacedPiece($piece->area->key, $piece->feature, $piece->x, $piece->y, $piece->name))->all()),
        );
    }
}
