<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A figure sent back; by the lead also where the numbers accept it, with the reason. */
final class RefuseRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'reason' => ['nullable', 'string', 'max:500'],
            'area' => ['nullable', 'string', 'max:120'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
