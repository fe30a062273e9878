<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;

/** A departure from the picture that governs a scheme. */
final class DepartureRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['area' => ['present', 'nullable', 'string', 'max:120'], 'text' => ['required', 'string', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Say what departs, and why.'];
    }
}
