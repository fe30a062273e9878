<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;

/** Number and seal of a record, as they stand on a certificate. */
final class HeadRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'number' => ['required', 'integer', 'min:1', 'max:4000000000'],
            'hash' => ['required', 'string', 'regex:/^\\s*[0-9a-fA-F]{64}\\s*$/'],
        ];
    }

    public function messages(): array
    {
        return ['hash.regex' => 'A seal has 64 digits, 0 to 9 and a to f; it stands at the foot of the certificate.'];
    }
}
