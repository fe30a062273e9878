<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\CurrentStudio;
use App\Models\FigureArea;
use App\Models\FigureType;
use Core\Composition\FigureType as CoreType;
use Core\Composition\TypeArea;
use Core\Listing\AreaWeight;
use Core\Standard\Side;
use Illuminate\Support\Facades\DB;

/**
 * Writes the areas of a figure type into its rows. An area that is there already keeps its row, for what was agreed of it
 * speaks of the row. Called within a transaction.
 */
final readonly class TypeRows
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    /** @param  array<array-key, AreaWeight>  $weights by area, of those that were sized by a word */
    public function write(FigureType $row, CoreType $type, array $weights = []): void
    {
        $parts = $this->parts($row, $type);
        $this->areas($row, $type, $parts, $weights);
        /** @var array<array-key, int> $ids */
        $ids = DB::table('figure_areas')->where('figure_type_id', $row->id)->pluck('id', 'key')->all();
        $this->piecesAndNeighbours($type->areas, $ids);
        $this->takeAway($row, $type);
        $this->whatTheySitOn($type->areas, $ids);
    }

    /** @return array<array-key, int> ids by name */
    private function parts(FigureType $row, CoreType $type): array
    {
        $rows = [];
        foreach (self::partNames($type) as $position => $name) {
            $rows[] = $this->row(['figure_type_id' => $row->id, 'key' => $name, 'position' => $position]);
        }
        DB::table('figure_parts')->upsert($rows, ['figure_type_id', 'key'], ['position']);

        /** @var array<array-key, int> */
        return DB::table('figure_parts')->where('figure_type_id', $row->id)->pluck('id', 'key')->all();
    }

    /** @return list<string> */
    private static function partNames(CoreType $type): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (TypeArea $area): string => $area->part, $type->areas), static fn (string $part): bool => $part !== '')));
    }

    /**
     * @param  array<array-key, int>  $parts
     * @param  array<array-key, AreaWeight>  $weights
     */
    private function areas(FigureType $row, CoreType $type, array $parts, array $weights): void
    {
        $rows = [];
        foreach ($type->areas as $position => $area) {
            $rows[] = $this->row([
                'figure_type_id' => $row->id, 'figure_part_id' => $parts[$area->part] ?? null, 'key' => $area->area->id, 'surface' => $area->area->surface, 'unsure' => $area->isUnsure,
                'share' => $area->area->share, 'depth' => $area->depth, 'focal' => $area->focal,
                'sides' => json_encode(array_map(static fn (Side $side): string => $side->value, $area->sides), JSON_THROW_ON_ERROR),
                'places' => json_encode($area->places, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'position' => $position, 'weight' => ($weights[$area->area->id] ?? null)?->value,
            ]);
        }
        DB::table('figure_areas')->upsert($rows, ['figure_type_id', 'key'], ['figure_part_id', 'surface', 'unsure', 'share', 'depth', 'focal', 'sides', 'places', 'position', 'weight']);
    }

    /**
     * @param  list<TypeArea>  $areas
     * @param  array<array-key, int>  $ids
     */
    private function piecesAndNeighbours(array $areas, array $ids): void
    {
        $pieces = $neighbours = [];
        foreach ($areas as $area) {
            $id = $ids[$area->area->id];
            foreach ($area->area->features as $feature => $count) {
                $pieces[] = $this->row(['figure_area_id' => $id, 'feature' => (string) $feature, 'pieces' => $count]);
            }
            foreach ($area->neighbours as $other) {
                $neighbours[] = $this->row(['figure_area_id' => $id, 'neighbour_id' => $ids[$other]]);
            }
        }
        $all = array_values($ids);
        DB::table('area_features')->whereIn('figure_area_id', $all)->delete();
        DB::table('area_neighbours')->whereIn('figure_area_id', $all)->delete();
        DB::table('figure_areas')->whereIn('id', $all)->update(['sits_on_id' => null]);
        DB::table('area_features')->insert($pieces);
        DB::table('area_neighbours')->insert($neighbours);
    }

    private function takeAway(FigureType $row, CoreType $type): void
    {
        FigureArea::query()->where('figure_type_id', $row->id)->whereNotIn('key', array_map(static fn (TypeArea $area): string => $area->area->id, $type->areas))->delete();
        DB::table('figure_parts')->where('figure_type_id', $row->id)->whereNotIn('key', self::partNames($type))->delete();
    }

    /**
     * @param  list<TypeArea>  $areas
     * @param  array<array-key, int>  $ids
     */
    private function whatTheySitOn(array $areas, array $ids): void
    {
        foreach ($areas as $area) {
            if ($area->on !== null) {
                DB::table('figure_areas')->where('id', $ids[$area->area->id])->update(['sits_on_id' => $ids[$area->on]]);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function row(array $row): array
    {
        return ['studio_id' => $this->studio->id(), ...$row];
    }
}
