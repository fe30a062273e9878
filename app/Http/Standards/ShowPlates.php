<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;

/** Proof plates of a surface, tier beside tier. */
final readonly class ShowPlates
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(PlatesRequest $request, StandardVersion $standardVersion): PlatesResource
    {
        return new PlatesResource($this->library->of($standardVersion->id), $request->surface());
    }
}
