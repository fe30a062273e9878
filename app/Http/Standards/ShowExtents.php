<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;

/** What each extent means on a surface, drawn. */
final readonly class ShowExtents
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(ExtentsRequest $request, StandardVersion $standardVersion): ExtentsResource
    {
        return new ExtentsResource($this->library->of($standardVersion->id), $request->surface(), $request->technique());
    }
}
