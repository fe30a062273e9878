<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** Another password, with the one before. */
final class PasswordRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['current_password' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:190']];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
