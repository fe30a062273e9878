<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Role;

/** Read by those who check. */
final class CheckerRequest extends ApiRequest
{
    public function rules(): array
    {
        return [];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
