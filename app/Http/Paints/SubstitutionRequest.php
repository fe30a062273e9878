<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;

/** A paint that stands in for another in every scheme. */
final class SubstitutionRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['instead' => ['required', 'string', 'max:120'], 'take' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['instead.required' => 'Say which paint stands in.'];
    }
}
