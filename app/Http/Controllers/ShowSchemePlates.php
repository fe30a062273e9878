<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SchemeViewRequest;
use App\Http\Resources\SchemePlatesResource;
use App\Http\Schemes;
use App\Models\Scheme;

/** Proof plates in the colours of a scheme, tier beside tier. */
final readonly class ShowSchemePlates
{
    public function __construct(private Schemes $schemes)
    {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): SchemePlatesResource
    {
        return $this->schemes->plates($scheme, $request->type(), $request->area());
    }
}
