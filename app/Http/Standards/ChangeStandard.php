<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\EditStandard;
use App\Models\StandardVersion;

/** Changes pieces of a draft. */
final readonly class ChangeStandard
{
    public function __construct(private EditStandard $edit, private SheetPresenter $sheets)
    {
    }

    public function __invoke(ChangeStandardRequest $request, StandardVersion $standardVersion): DraftResource
    {
        return $this->sheets->draft($this->edit->handle($standardVersion, $request->changes(), $request->person()), $request->person());
    }
}
