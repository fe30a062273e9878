<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;

/** The password once more. */
final class OwnPasswordRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:190']];
    }
}
