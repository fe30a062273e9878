<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Models\Scheme;

/** Plates of one surface. */
final class PlatesRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['surface' => ['required', 'string'], 'scheme' => ['nullable', 'integer']];
    }

    public function surface(): string
    {
        return $this->string('surface')->toString();
    }

    /** In whose colours; null: in greys. */
    public function scheme(): ?Scheme
    {
        return $this->input('scheme') === null ? null : Scheme::query()->findOrFail($this->integer('scheme'));
    }
}
