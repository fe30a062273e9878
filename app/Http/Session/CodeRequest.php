<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A code of an app. */
final class CodeRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
