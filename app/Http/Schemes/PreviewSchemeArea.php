<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Models\Scheme;

/** The colours of an area as they would come out; nothing is stored. */
final readonly class PreviewSchemeArea
{
    public function __construct(private SchemePresenter $schemes)
    {
    }

    public function __invoke(SchemeAreaRequest $request, Scheme $scheme): SchemeAreaResource
    {
        return $this->schemes->preview($scheme, $request->draft(), $request->type(), $request->tier(), $request->figures());
    }
}
