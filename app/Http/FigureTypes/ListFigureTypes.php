<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigureTypes;
use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;

/** Figure types of the studio. */
final readonly class ListFigureTypes
{
    public function __invoke(AnybodyRequest $request): FigureTypesResource
    {
        return new FigureTypesResource(array_values(FigureType::query()->whereNull('job_id')->with(FigureTypes::RELATIONS)->orderBy('name')->get()->all()));
    }
}
