<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\StoreArea;
use App\Http\Requests\SchemeAreaRequest;
use App\Http\Resources\SchemeResource;
use App\Http\Schemes;
use App\Models\SchemeArea;

/** Writes the colours of an area anew. */
final readonly class ReplaceSchemeArea
{
    public function __construct(
        private StoreArea $store,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(SchemeAreaRequest $request, SchemeArea $schemeArea): SchemeResource
    {
        $this->store->replace($schemeArea, $request->draft(), $request->versionRead());

        return $this->schemes->of($schemeArea->scheme()->firstOrFail(), $request->type(), $request->tier());
    }
}
