<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Models\StandardVersion;

/** Against which version; without one, against the version that it would take the place of. */
final class DifferenceRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['from' => ['nullable', 'integer']];
    }

    public function from(): ?StandardVersion
    {
        return $this->input('from') === null ? null : StandardVersion::query()->findOrFail($this->integer('from'));
    }
}
