<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LeadRequest;
use App\Http\Resources\DraftResource;
use App\Http\Sheets;
use App\Models\StandardVersion;

/** A version as it is written, piece by piece. */
final readonly class ShowDraft
{
    public function __construct(private Sheets $sheets)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): DraftResource
    {
        return $this->sheets->draft($standardVersion, $request->person());
    }
}
