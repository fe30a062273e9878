<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\FurtherUses;
use App\Models\Unit;

/** What of other tiers could be added on an area. */
final readonly class ListFurtherUses
{
    public function __construct(private FurtherUses $further)
    {
    }

    public function __invoke(FurtherUsesRequest $request, Unit $unit): FurtherUsesResource
    {
        return new FurtherUsesResource($this->further->of($unit, $request->figureOf($unit), $request->area()), $this->further->standard($unit));
    }
}
