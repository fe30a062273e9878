<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Role;

/** Read by everybody of the studio. */
final class AnybodyRequest extends ApiRequest
{
    public function rules(): array
    {
        return [];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
