<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\AnybodyRequest;

/** Where a fault lies, and how much of its area is to be laid again. */
final class RepairRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            // The layer at fault; empty: foreign paint on top; left out: as the fault suggests.
            'layer' => ['nullable', 'string', 'max:250'],
            'share' => ['nullable', 'numeric', 'between:0,1'],
        ];
    }

    public function layer(): ?string
    {
        return $this->has('layer') ? $this->string('layer')->toString() : null;
    }

    /** Null: as is usual of such a fault. */
    public function share(): ?float
    {
        return $this->filled('share') ? $this->float('share') : null;
    }
}
