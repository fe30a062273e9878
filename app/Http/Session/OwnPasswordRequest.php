<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** The password once more. */
final class OwnPasswordRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:190']];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
