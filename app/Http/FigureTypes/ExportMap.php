<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\TypeMaps;
use App\Export\LabelPng;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;
use Core\Standard\Side;
use Illuminate\Http\Response;

/** A side of a figure type as a picture of labels, with the names of its areas. */
#[Answers(type: 'image/png')]
final readonly class ExportMap
{
    public function __construct(private TypeMaps $maps)
    {
    }

    public function __invoke(AnybodyRequest $request, FigureType $figureType, Side $side): Response
    {
        $map = TypeMaps::together($this->maps->of($figureType->ofStudio()))->of($side) ?? abort(404);

        return new Response(LabelPng::of($map->grid, $map->areas), 200, [
            'Content-Type' => 'image/png',
            'Content-Disposition' => "attachment; filename=\"{$figureType->key}-{$side->value}.png\"",
        ]);
    }
}
