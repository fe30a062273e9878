<?php

declare(strict_types=1);

namespace App\Actions\FigureTypes;

use App\Models\FigureMap;
use App\Models\FigureType;

/** The maps of a type with the outlines that are drawn, without the labels behind them. */
final readonly class DrawnSides
{
    /** @return list<FigureMap> */
    public function of(FigureType $type): array
    {
        return array_values(FigureMap::query()->where('figure_type_id', $type->id)
            ->select(['id', 'studio_id', 'figure_type_id', 'side', 'width', 'height', 'outlines'])
            ->with(['areas.area', 'pieces.area'])->orderBy('id')->get()->all());
    }
}
