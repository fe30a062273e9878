<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\StoreArea;
use App\Http\Requests\SchemeAreaRequest;
use App\Http\Resources\SchemeResource;
use App\Http\Schemes;
use App\Models\Scheme;

/** Writes the colours of an area that has none yet. */
final readonly class CreateSchemeArea
{
    public function __construct(
        private StoreArea $store,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(SchemeAreaRequest $request, Scheme $scheme): SchemeResource
    {
        $this->store->create($scheme, $request->draft());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
