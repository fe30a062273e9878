<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\UndoChange;
use App\Http\Shared\LeadRequest;
use App\Models\StandardVersion;

/** Does the last undone change of who asks again. */
final readonly class RedoInStandard
{
    public function __construct(private UndoChange $undo, private SheetPresenter $sheets)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): DraftResource
    {
        return $this->sheets->draft($this->undo->redo($standardVersion, $request->person()), $request->person());
    }
}
