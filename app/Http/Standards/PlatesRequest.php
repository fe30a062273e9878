<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** Plates of one surface. */
final class PlatesRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['surface' => ['required', 'string']];
    }

    public function surface(): string
    {
        return $this->string('surface')->toString();
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
