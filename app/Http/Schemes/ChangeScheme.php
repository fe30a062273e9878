<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\ChangeScheme as Changing;
use App\Models\Scheme;

/** Changes what holds for all areas of a scheme. */
final readonly class ChangeScheme
{
    public function __construct(
        private Changing $changing,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(SchemeHeadRequest $request, Scheme $scheme): SchemeResource
    {
        return $this->schemes->of($this->changing->handle($scheme, $request->head(), $request->versionRead()), $request->type(), $request->tier());
    }
}
