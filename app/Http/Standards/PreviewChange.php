<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Models\StandardVersion;

/** What changes of a draft would make of it; nothing is stored. */
final readonly class PreviewChange
{
    public function __construct(private SheetPresenter $sheets)
    {
    }

    public function __invoke(ChangeStandardRequest $request, StandardVersion $standardVersion): PreviewResource
    {
        return $this->sheets->preview($standardVersion, $request->changes());
    }
}
