<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SheetResource;
use App\Http\Sheets;
use App\Models\StandardVersion;

/** The sheet of one version. */
final readonly class ShowSheet
{
    public function __construct(private Sheets $sheets)
    {
    }

    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): SheetResource
    {
        return $this->sheets->of($standardVersion);
    }
}
