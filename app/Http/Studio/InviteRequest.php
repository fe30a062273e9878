<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\ApiRequest;

/** Somebody to be invited into the studio. */
final class InviteRequest extends ApiRequest
{
    use NamesRole;

    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190'],
            ...self::roleRules(),
        ];
    }
}
