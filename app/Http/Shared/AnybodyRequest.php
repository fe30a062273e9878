<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Role;

/** Of everybody of the studio: as it is, what is read; extended, what is sent. */
class AnybodyRequest extends ApiRequest
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
