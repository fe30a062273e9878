<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\AnybodyRequest;

/** A colour that is wanted, and what it is tried with. */
final class TryColourRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'wanted' => ['required', 'string', 'max:500'],
            'from' => ['required', 'string', 'max:500'],
            'with' => ['present', 'nullable', 'string', 'max:500'],
            'over' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wanted.required' => 'Say which colour is wanted: a hex, or a paint.', 'from.required' => 'Say which paint it is tried with.'];
    }
}
