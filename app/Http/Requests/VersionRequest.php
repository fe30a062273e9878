<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;

/** A deed that names the version it is done on. */
final class VersionRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
