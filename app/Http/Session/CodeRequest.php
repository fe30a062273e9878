<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\AnybodyRequest;

/** A code of an app. */
final class CodeRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }
}
