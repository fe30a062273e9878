<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\StoreArea;
use App\Models\Scheme;

/** Writes the colours of an area that has none yet. */
final readonly class CreateSchemeArea
{
    public function __construct(
        private StoreArea $store,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(SchemeAreaRequest $request, Scheme $scheme): SchemeResource
    {
        $this->store->create($scheme, $request->draft());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
