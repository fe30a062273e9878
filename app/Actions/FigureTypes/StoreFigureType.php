<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Actions\Transaction;
use App\Models\CurrentStudio;
use App\Models\FigureType;
use App\Models\Job;
use Core\Composition\FigureType as CoreType;
use Core\Composition\TypeArea;
use Core\Standard\Side;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Stores a figure type: for the studio, or as a job's own copy. */
final readonly class StoreFigureType
{
    public function __construct(private CurrentStudio $studio)
    {
    }

    /** @throws FigureTypeExists if the studio has a type of this key or name already */
    public function handle(CoreType $type, ?string $key = null, ?Job $job = null): FigureType
    {
        $key ??= Str::slug($type->name) ?: 'type';

        return Transaction::run(function () use ($type, $key, $job): FigureType {
            $taken = FigureType::query()->where('job_id', $job?->id)->where(static fn ($query) => $query->where('key', $key)->orWhere('name', $type->name));
            if ($taken->exists()) {
                throw FigureTypeExists::named($type->name);
            }
            $row = FigureType::query()->create(['job_id' => $job?->id, 'key' => $key, 'name' => $type->name, 'size_class' => $type->sizeClass]);
            $this->areas($row, $type);

            return $row;
        });
    }

    private function areas(FigureType $row, CoreType $type): void
    {
        $parts = $this->parts($row, $type);
        $rows = [];
        foreach ($type->areas as $position => $area) {
            $rows[] = $this->row([
                'figure_type_id' => $row->id, 'figure_part_id' => $parts[$area->part] ?? null, 'key' => $area->area->id, 'surface' => $area->area->surface,
                'share' => $area->area->share, 'depth' => $area->depth, 'focal' => $area->focal,
                'sides' => json_encode(array_map(static fn (Side $side): string => $side->value, $area->sides), JSON_THROW_ON_ERROR),
                'position' => $position,
            ]);
        }
        DB::table('figure_areas')->insert($rows);
        /** @var array<array-key, int> $ids */
        $ids = DB::table('figure_areas')->where('figure_type_id', $row->id)->pluck('id', 'key')->all();
        $this->piecesAndNeighbours($type->areas, $ids);
    }

    /** @return array<array-key, int> */
    private function parts(FigureType $row, CoreType $type): array
    {
        $names = array_values(array_unique(array_filter(array_map(static fn (TypeArea $area): string => $area->part, $type->areas))));
        $rows = [];
        foreach ($names as $position => $name) {
            $rows[] = $this->row(['figure_type_id' => $row->id, 'key' => $name, 'position' => $position]);
        }
        DB::table('figure_parts')->insert($rows);

        /** @var array<array-key, int> */
        return DB::table('figure_parts')->where('figure_type_id', $row->id)->pluck('id', 'key')->all();
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
        DB::table('area_features')->insert($pieces);
        DB::table('area_neighbours')->insert($neighbours);
        $this->whatTheySitOn($areas, $ids);
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
