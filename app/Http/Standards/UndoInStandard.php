<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\UndoChange;
use App\Http\Shared\LeadRequest;
use App\Models\StandardVersion;

/** Undoes the last change of who asks. */
final readonly class UndoInStandard
{
    public function __construct(private UndoChange $undo, private SheetPresenter $sheets)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): DraftResource
    {
        return $this->sheets->draft($this->undo->undo($standardVersion, $request->person()), $request->person());
    }
}
