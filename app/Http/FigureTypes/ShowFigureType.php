<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;

/** One figure type of the studio, with all that is said of its areas. */
final readonly class ShowFigureType
{
    public function __invoke(AnybodyRequest $request, FigureType $figureType): FigureTypeResource
    {
        return new FigureTypeResource($figureType->ofStudio());
    }
}
