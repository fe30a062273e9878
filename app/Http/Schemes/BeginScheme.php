<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\BeginScheme as Beginning;

/** Begins a scheme. */
final readonly class BeginScheme
{
    public function __construct(
        private Beginning $beginning,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(BeginSchemeRequest $request): SchemesResource
    {
        $this->beginning->handle($request->string('force')->toString(), $request->string('name')->toString(), $request->like());

        return new SchemesResource($this->schemes->list());
    }
}
