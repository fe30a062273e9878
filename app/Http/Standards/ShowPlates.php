<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Schemes\SurfaceInColours;
use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;

/** Proof plates of a surface, tier beside tier: in greys, or in the colours of a scheme where it has any for the surface. */
final readonly class ShowPlates
{
    public function __construct(
        private StandardLibrary $library,
        private SurfaceInColours $colours,
    ) {
    }

    public function __invoke(PlatesRequest $request, StandardVersion $standardVersion): PlatesResource
    {
        $standard = $this->library->of($standardVersion->id);
        $surface = $standard->surface($request->surface())->id;
        $scheme = $request->scheme();

        return new PlatesResource($standard, $surface, $scheme === null ? [] : $this->colours->of($scheme, $standard, $surface));
    }
}
