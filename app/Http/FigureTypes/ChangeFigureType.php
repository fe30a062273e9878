<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\ChangeFigureType as Changing;
use App\Actions\FigureTypes\FigurePictures;
use App\Models\FigureType;

/** Changes a figure type of the studio. */
final readonly class ChangeFigureType
{
    public function __construct(
        private Changing $changing,
        private FigurePictures $pictures,
    ) {
    }

    public function __invoke(ChangeFigureTypeRequest $request, FigureType $figureType): FigureTypeResource
    {
        $changed = $this->changing->handle($figureType->ofStudio(), $request->figureType(), $request->weights(), $request->versionRead(), $request->maps($this->pictures));

        return new FigureTypeResource($changed->refresh());
    }
}
