<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\PutInForce as Putting;
use App\Models\StandardVersion;

/** Puts a draft in force. */
final readonly class PutInForce
{
    public function __construct(private Putting $putting)
    {
    }

    public function __invoke(PutInForceRequest $request, StandardVersion $standardVersion): StandardRowResource
    {
        return new StandardRowResource($this->putting->handle($standardVersion, $request->person(), $request->why(), $request->revisionRead()));
    }
}
