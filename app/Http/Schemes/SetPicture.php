<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\GoverningPicture;
use App\Models\Scheme;

/** Sets the picture that governs a scheme. */
final readonly class SetPicture
{
    public function __construct(
        private GoverningPicture $picture,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(PictureRequest $request, Scheme $scheme): SchemeResource
    {
        return $this->schemes->of($this->picture->store($scheme, $request->bytes(), $request->versionRead()), null, null);
    }
}
