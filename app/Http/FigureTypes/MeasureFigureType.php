<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use Core\Mapping\Measuring;

/** Shares, sides and neighbours as the pictures of a figure show them. Nothing is stored. */
final readonly class MeasureFigureType
{
    public function __invoke(MeasureRequest $request): MeasurementResource
    {
        $type = $request->figureType();

        return new MeasurementResource(Measuring::of($request->map(), $type), $type);
    }
}
