<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AcceptFinding;
use App\Models\Scheme;

/** A finding that was accepted is to be thought about again. */
final readonly class ReconsiderSchemeFinding
{
    public function __construct(
        private AcceptFinding $accept,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(FoundPlaceRequest $request, Scheme $scheme): SchemeResource
    {
        $this->accept->takeBack($scheme, $request->place());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
