<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Models\Scheme;

/** A scheme on a figure type at a tier. */
final readonly class ShowScheme
{
    public function __construct(private SchemePresenter $schemes)
    {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): SchemeResource
    {
        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
