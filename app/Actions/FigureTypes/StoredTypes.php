<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\AreaFeature;
use App\Models\FigureArea;
use App\Models\FigureType as TypeRow;
use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Side;
use stdClass;

/**
 * Many figure types at once, in four queries. The copies that jobs have of a type are one and the same, so that what
 * follows from it is found once.
 *
 * @phpstan-type AreaColumns object{id: int, figure_type_id: int, key: string, surface: string, share: float, depth: int, focal: int, sides: string|null, places: string|null, unsure: int, part: string|null, sits_on: string|null}&stdClass
 */
final readonly class StoredTypes
{
    private const COLUMNS = [
        'figure_areas.id', 'figure_areas.figure_type_id', 'figure_areas.key', 'figure_areas.surface', 'figure_areas.share', 'figure_areas.depth', 'figure_areas.focal',
        'figure_areas.sides', 'figure_areas.places', 'figure_areas.unsure', 'figure_parts.key as part', 'hosts.key as sits_on',
    ];

    /**
     * @param  list<int>  $ids
     * @return array<int, StoredType> by id
     */
    public static function of(array $ids): array
    {
        $areas = self::areas($ids);
        $types = $known = [];
        foreach (TypeRow::query()->whereKey($ids)->get() as $row) {
            $type = new FigureType($row->name, $row->size_class, $areas[$row->id] ?? [], $row->difficulty);
            $types[$row->id] = new StoredType($row->id, $row->key, $known[serialize($type)] ??= $type);
        }

        return $types;
    }

    /**
     * @param  list<int>  $types ids
     * @return array<int, list<TypeArea>> by type
     */
    private static function areas(array $types): array
    {
        $rows = FigureArea::query()->whereIn('figure_areas.figure_type_id', $types)
            ->leftJoin('figure_parts', 'figure_parts.id', '=', 'figure_areas.figure_part_id')
            ->leftJoin('figure_areas as hosts', 'hosts.id', '=', 'figure_areas.sits_on_id')
            ->orderBy('figure_areas.position')->toBase()->get(self::COLUMNS);
        [$features, $neighbours] = [self::features($types), self::neighbours($types)];
        $areas = [];
        foreach ($rows as $row) {
            /** @var AreaColumns $row */
            $areas[$row->figure_type_id][] = new TypeArea(
                new Area($row->key, $row->surface, $row->share, $features[$row->id] ?? []),
                $row->part ?? '',
                $row->depth,
                $row->focal === 1,
                array_map(Side::from(...), self::texts($row->sides)),
                $neighbours[$row->id] ?? [],
                $row->sits_on,
                self::texts($row->places),
                $row->unsure === 1,
            );
        }

        return $areas;
    }

    /**
     * @param  list<int>  $types ids
     * @return array<int, array<array-key, int>> pieces by area and feature
     */
    private static function features(array $types): array
    {
        $rows = AreaFeature::query()->whereIn('figure_area_id', FigureArea::query()->whereIn('figure_type_id', $types)->select('id'))->orderBy('id')->toBase()->get(['figure_area_id', 'feature', 'pieces']);
        $features = [];
        foreach ($rows as $row) {
            /** @var object{figure_area_id: int, feature: string, pieces: int}&stdClass $row */
            $features[$row->figure_area_id][$row->feature] = $row->pieces;
        }

        return $features;
    }

    /**
     * @param  list<int>  $types ids
     * @return array<int, list<string>> names by area, in the order of the areas
     */
    private static function neighbours(array $types): array
    {
        $rows = FigureArea::query()->whereIn('figure_areas.figure_type_id', $types)->join('area_neighbours', 'area_neighbours.neighbour_id', '=', 'figure_areas.id')
            ->orderBy('figure_areas.position')->toBase()->get(['area_neighbours.figure_area_id', 'figure_areas.key']);
        $neighbours = [];
        foreach ($rows as $row) {
            /** @var object{figure_area_id: int, key: string}&stdClass $row */
            $neighbours[$row->figure_area_id][] = $row->key;
        }

        return $neighbours;
    }

    /** @return list<string> */
    private static function texts(?string $json): array
    {
        $list = $json === null ? null : json_decode($json, true);

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }
}
