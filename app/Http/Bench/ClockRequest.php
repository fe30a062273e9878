<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** At which unit somebody sits down. */
final class ClockRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['unit_id' => ['bail', 'required', 'integer']];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
