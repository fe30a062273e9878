<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\AnybodyRequest;

/** Schemes of the studio, by force. */
final readonly class ListSchemes
{
    public function __construct(private SchemePresenter $schemes)
    {
    }

    public function __invoke(AnybodyRequest $request): SchemesResource
    {
        return new SchemesResource($this->schemes->list());
    }
}
