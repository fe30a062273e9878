<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMaps;
use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;

/** The sides of a figure type of the studio as they are laid out, to go on with. */
final readonly class ListMaps
{
    public function __construct(private TypeMaps $maps)
    {
    }

    public function __invoke(AnybodyRequest $request, FigureType $figureType): MapsResource
    {
        return new MapsResource($this->maps->of($figureType->ofStudio()));
    }
}
