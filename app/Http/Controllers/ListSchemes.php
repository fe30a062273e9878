<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SchemesResource;
use App\Http\Schemes;

/** Schemes of the studio, by force. */
final readonly class ListSchemes
{
    public function __construct(private Schemes $schemes)
    {
    }

    public function __invoke(AnybodyRequest $request): SchemesResource
    {
        return new SchemesResource($this->schemes->list());
    }
}
