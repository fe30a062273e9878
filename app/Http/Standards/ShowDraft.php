<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\LeadRequest;
use App\Models\StandardVersion;

/** A version as it is written, piece by piece. */
final readonly class ShowDraft
{
    public function __construct(private SheetPresenter $sheets)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): DraftResource
    {
        return $this->sheets->draft($standardVersion, $request->person());
    }
}
