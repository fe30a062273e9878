<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\BeginScheme as Beginning;
use App\Http\Requests\BeginSchemeRequest;
use App\Http\Resources\SchemesResource;
use App\Http\Schemes;

/** Begins a scheme. */
final readonly class BeginScheme
{
    public function __construct(
        private Beginning $beginning,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(BeginSchemeRequest $request): SchemesResource
    {
        $this->beginning->handle($request->string('force')->toString(), $request->string('name')->toString());

        return new SchemesResource($this->schemes->list());
    }
}
