<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\DrawnSides;
use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;

/** The sides of a figure type, the studio's or a job's copy, as outlines to draw. */
final readonly class ShowOutlines
{
    public function __construct(private DrawnSides $sides)
    {
    }

    public function __invoke(AnybodyRequest $request, FigureType $figureType): OutlinesResource
    {
        return new OutlinesResource($this->sides->of($figureType));
    }
}
