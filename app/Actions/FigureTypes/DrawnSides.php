<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\FigureMap;
use App\Models\FigureType;
use Core\Standard\Side;

/** The maps of a type with the outlines that are drawn, without the labels behind them. */
final readonly class DrawnSides
{
    private const COLUMNS = ['id', 'studio_id', 'figure_type_id', 'side', 'width', 'height', 'outlines'];

    /** @return list<FigureMap> */
    public function of(FigureType $type): array
    {
        return array_values(FigureMap::query()->where('figure_type_id', $type->id)->select(self::COLUMNS)->with(['areas.area', 'pieces.area'])->orderBy('id')->get()->all());
    }

    /** The side that shows a type of the studio best: its front, else the first that is laid out; null: none is. */
    public function shown(string $key): ?FigureMap
    {
        $type = FigureType::query()->whereNull('job_id')->where('key', $key)->first();
        $sides = $type === null ? [] : $this->of($type);

        return array_values(array_filter($sides, static fn (FigureMap $side): bool => $side->side === Side::Front))[0] ?? $sides[0] ?? null;
    }

    /**
     * @param  list<int>  $types ids
     * @return array<int, FigureMap> the front of those that have one, by type
     */
    public function fronts(array $types): array
    {
        $fronts = [];
        foreach (FigureMap::query()->whereIn('figure_type_id', $types)->where('side', Side::Front)->select(self::COLUMNS)->with('areas.area')->get() as $front) {
            $fronts[$front->figure_type_id] = $front;
        }

        return $fronts;
    }
}
