<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigurePictures;
use App\Http\Shared\Answers;

/** Takes a picture to outline on. */
#[Answers(201)]
final readonly class StoreFigurePicture
{
    public function __construct(private FigurePictures $pictures)
    {
    }

    public function __invoke(FigurePictureRequest $request): FigurePictureResource
    {
        return new FigurePictureResource($this->pictures->store($request->bytes()));
    }
}
