<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use Core\Listing\TypeChange;
use Core\Listing\TypeDifference;
use Core\Mapping\MapDifference;
use Core\Plan\FigureState;

/** The figure types of a job, and in what those of the studio are others by now. */
final readonly class JobTypes
{
    public function __construct(private TypeMaps $maps)
    {
    }

    /** @return list<JobType> */
    public function of(Job $job): array
    {
        $copies = FigureType::query()->where('job_id', $job->id)->with(FigureTypes::RELATIONS)->orderBy('name')->get();
        $studio = FigureType::query()->whereNull('job_id')->whereIn('key', $copies->pluck('key'))->with(FigureTypes::RELATIONS)->get()->keyBy('key');
        $maps = $this->maps->ofAll(array_values([...$copies, ...$studio]));
        $figures = Figure::query()->join('units', 'units.id', '=', 'figures.unit_id')->where('units.job_id', $job->id)
            ->selectRaw('COALESCE(figures.figure_type_id, units.figure_type_id) AS type, COUNT(*) AS figures, SUM(figures.state = ?) AS signed', [FigureState::Signed->value])
            ->groupBy('type')->toBase()->get()->keyBy('type');

        return array_values($copies->map(static function (FigureType $copy) use ($studio, $figures, $maps): JobType {
            $of = $studio->get($copy->key);
            $count = $figures->get($copy->id);

            return new JobType(
                $copy,
                $of,
                $of === null ? [] : [...(new TypeDifference(FigureTypes::core($copy), FigureTypes::core($of)))->changes(), ...self::maps($maps[$copy->id] ?? [], $maps[$of->id] ?? [])],
                self::number($count, 'figures'),
                self::number($count, 'signed'),
            );
        })->all());
    }

    /**
     * @param  list<TypeMap>  $was
     * @param  list<TypeMap>  $is
     * @return list<TypeChange>
     */
    private static function maps(array $was, array $is): array
    {
        return (new MapDifference(TypeMaps::together($was), TypeMaps::together($is)))->changes();
    }

    private static function number(?object $row, string $column): int
    {
        $value = $row === null ? 0 : (get_object_vars($row)[$column] ?? 0);

        return is_numeric($value) ? (int) $value : 0;
    }
}
