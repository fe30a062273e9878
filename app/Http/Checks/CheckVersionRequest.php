<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A deed of who checks, that names the version of the check it is done on. */
final class CheckVersionRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
