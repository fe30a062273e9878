<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\ApiRequest;

/** What somebody may do from now on. */
final class RoleRequest extends ApiRequest
{
    use NamesRole;

    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            ...self::roleRules(),
        ];
    }
}
