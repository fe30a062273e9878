<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;

/** The force and the name of a scheme. */
final class BeginSchemeRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['force' => ['required', 'string', 'max:190'], 'name' => ['required', 'string', 'max:120']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['force.required' => 'Say which force it is for.', 'name.required' => 'Give the scheme a name.'];
    }
}
