<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\DrawnResource;
use App\Models\StandardVersion;

/** Draws the plates of a comparison on and says how far it is; asked again until all are drawn, the paper is quick. */
final readonly class DrawComparison
{
    public function __construct(private ComparisonPresenter $comparisons)
    {
    }

    public function __invoke(ComparisonRequest $request, StandardVersion $standardVersion): DrawnResource
    {
        return new DrawnResource($this->comparisons->paper($request)->drawFor(DrawnResource::SECONDS, ...$this->comparisons->sides($request, $standardVersion)));
    }
}
