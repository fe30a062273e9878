<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\ChangeFigureType as Changing;
use App\Models\FigureType;

/** Retires a figure type, or takes it up again. */
final readonly class RetireFigureType
{
    public function __construct(private Changing $changing)
    {
    }

    public function __invoke(RetireFigureTypeRequest $request, FigureType $figureType): FigureTypeResource
    {
        return new FigureTypeResource($this->changing->retire($figureType->ofStudio(), $request->boolean('retired'), $request->versionRead())->refresh());
    }
}
