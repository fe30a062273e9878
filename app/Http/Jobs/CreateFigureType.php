<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\FigureTypes\StoreFigureType;
use App\Http\Shared\Answers;

/** A figure type by the quick form. */
#[Answers(201)]
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
