<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Actions\FigureTypes\FigurePictures;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use Illuminate\Http\Response;

/** A picture that is outlined on. */
#[Answers(type: 'image/jpeg')]
final readonly class ShowFigurePicture
{
    public function __construct(private FigurePictures $pictures)
    {
    }

    public function __invoke(AnybodyRequest $request, string $picture): Response
    {
        $bytes = $this->pictures->bytes($picture) ?? abort(404);

        return new Response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400, immutable']);
    }
}
