<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;
use App\Models\Role;
use App\Models\Scheme;

/** Plates of one surface. */
final class PlatesRequest extends ApiRequest
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

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
