<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FigureTypes\StoreFigureType;
use App\Http\Requests\QuickFigureTypeRequest;
use App\Http\Resources\FigureTypeResource;

/** A figure type by the quick form. */
final readonly class CreateFigureType
{
    public function __construct(private StoreFigureType $store)
    {
    }

    public function __invoke(QuickFigureTypeRequest $request): FigureTypeResource
    {
        return new FigureTypeResource($this->store->handle($request->figureType())->load('areas.features'));
    }
}
