<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\FindSubstitutes;
use App\Http\Shared\AnybodyRequest;
use App\Models\Paint;

/** What could stand in for a paint. */
final readonly class ListSubstitutes
{
    public function __construct(private FindSubstitutes $finding)
    {
    }

    public function __invoke(AnybodyRequest $request, Paint $paint): SubstitutesResource
    {
        return new SubstitutesResource($this->finding->handle($paint));
    }
}
