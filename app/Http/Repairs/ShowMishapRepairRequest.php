<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\OneOf;
use Core\Rework\MishapKind;

/** What would be laid again after a mishap. */
final class ShowMishapRepairRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'area' => ['required', 'string', 'max:120'],
            'kind' => ['required', 'string', OneOf::of(MishapKind::class)],
            // The layer at fault; empty: foreign paint on top; left out: as is usual of the kind.
            'layer' => ['nullable', 'string', 'max:250'],
            'share' => ['required', 'numeric', 'gt:0', 'max:1'],
        ];
    }

    public function kind(): MishapKind
    {
        return MishapKind::from($this->string('kind')->toString());
    }

    public function layer(): ?string
    {
        return $this->has('layer') ? $this->string('layer')->toString() : null;
    }
}
