<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\StoreArea;
use App\Http\Shared\LeadVersionRequest;
use App\Http\Shared\PingResource;
use App\Models\SchemeArea;

/** Takes the colours of an area away. */
final readonly class RemoveSchemeArea
{
    public function __construct(private StoreArea $store)
    {
    }

    public function __invoke(LeadVersionRequest $request, SchemeArea $schemeArea): PingResource
    {
        $this->store->remove($schemeArea, $request->versionRead());

        return new PingResource;
    }
}
