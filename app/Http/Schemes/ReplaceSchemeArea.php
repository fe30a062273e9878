<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\StoreArea;
use App\Models\SchemeArea;

/** Writes the colours of an area anew. */
final readonly class ReplaceSchemeArea
{
    public function __construct(
        private StoreArea $store,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(SchemeAreaRequest $request, SchemeArea $schemeArea): SchemeResource
    {
        $this->store->replace($schemeArea, $request->draft(), $request->versionRead(), $request->type());

        return $this->schemes->of($schemeArea->scheme()->firstOrFail(), $request->type(), $request->tier());
    }
}
