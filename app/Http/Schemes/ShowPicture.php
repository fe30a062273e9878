<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\GoverningPicture;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use App\Models\Scheme;
use Illuminate\Http\Response;

/** The picture that governs a scheme. */
#[Answers(type: 'image/jpeg')]
final readonly class ShowPicture
{
    public function __construct(private GoverningPicture $picture)
    {
    }

    public function __invoke(AnybodyRequest $request, Scheme $scheme): Response
    {
        $bytes = $this->picture->bytes($scheme) ?? abort(404);

        return new Response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}
