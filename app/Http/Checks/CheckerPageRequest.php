<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A page of a list that those read who check. */
final class CheckerPageRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
