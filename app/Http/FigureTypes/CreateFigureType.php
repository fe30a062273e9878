<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\StoreFigureType;
use App\Http\Shared\Answers;

/** A figure type by the list of its areas. */
#[Answers(201)]
final readonly class CreateFigureType
{
    public function __construct(private StoreFigureType $store)
    {
    }

    public function __invoke(FigureTypeRequest $request): FigureTypeResource
    {
        return new FigureTypeResource($this->store->handle($request->figureType(), weights: $request->weights(), maps: $request->maps() ?? [])->refresh());
    }
}
