<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\RaiseFigure;
use App\Models\StandardVersion;

/** What it takes to raise a finished figure. */
final readonly class ShowRaise
{
    public function __construct(private RaiseFigure $raise)
    {
    }

    public function __invoke(RaiseRequest $request, StandardVersion $standardVersion): RaiseResource
    {
        return new RaiseResource($this->raise->handle($standardVersion, $request->figureType(), $request->fromTier(), $request->toTier()));
    }
}
