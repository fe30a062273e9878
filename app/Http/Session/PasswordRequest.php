<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;

/** Another password, with the one before. */
final class PasswordRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['current_password' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:190']];
    }
}
