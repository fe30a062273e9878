<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\StoreArea;
use App\Http\Requests\LeadVersionRequest;
use App\Http\Resources\PingResource;
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
