<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\GoverningPicture;
use App\Http\Requests\PictureRequest;
use App\Http\Resources\SchemeResource;
use App\Http\Schemes;
use App\Models\Scheme;

/** Sets the picture that governs a scheme. */
final readonly class SetPicture
{
    public function __construct(
        private GoverningPicture $picture,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(PictureRequest $request, Scheme $scheme): SchemeResource
    {
        return $this->schemes->of($this->picture->store($scheme, $request->bytes(), $request->versionRead()), null, null);
    }
}
