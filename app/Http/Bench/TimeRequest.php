<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** How long a step really took; null: nobody knows. */
final class TimeRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'minutes' => ['bail', 'present', 'nullable', 'numeric', 'between:0,1440'],
            'version' => ['bail', 'required', 'integer'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }

    public function minutes(): ?float
    {
        return $this->numberOrNull('minutes');
    }
}
