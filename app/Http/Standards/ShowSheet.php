<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Models\StandardVersion;

/** The sheet of one version. */
final readonly class ShowSheet
{
    public function __construct(private SheetPresenter $sheets)
    {
    }

    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): SheetResource
    {
        return $this->sheets->of($standardVersion);
    }
}
