<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use Core\Composition\SizeClass;
use Core\Listing\ListedFigureType;
use Core\Listing\UsualBorders;

/** What follows from a list of areas: shares, depths, and what usually touches. Nothing is stored. */
final readonly class OutlineFigureType
{
    public function __invoke(AreasRequest $request): OutlineResource
    {
        $type = ListedFigureType::make('', SizeClass::Foot, $request->areas());

        return new OutlineResource($type, UsualBorders::of($type));
    }
}
