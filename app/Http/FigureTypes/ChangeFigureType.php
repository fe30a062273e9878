<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\ChangeFigureType as Changing;
use App\Models\FigureType;

/** Changes a figure type of the studio. */
final readonly class ChangeFigureType
{
    public function __construct(private Changing $changing)
    {
    }

    public function __invoke(ChangeFigureTypeRequest $request, FigureType $figureType): FigureTypeResource
    {
        $changed = $this->changing->handle($figureType->ofStudio(), $request->figureType(), $request->weights(), $request->versionRead(), $request->maps());

        return new FigureTypeResource($changed->refresh());
    }
}
