<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\ChangeScheme as Changing;
use App\Http\Requests\SchemeHeadRequest;
use App\Http\Resources\SchemeResource;
use App\Http\Schemes;
use App\Models\Scheme;

/** Changes what holds for all areas of a scheme. */
final readonly class ChangeScheme
{
    public function __construct(
        private Changing $changing,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(SchemeHeadRequest $request, Scheme $scheme): SchemeResource
    {
        return $this->schemes->of($this->changing->handle($scheme, $request->head(), $request->versionRead()), $request->type(), $request->tier());
    }
}
