<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Foundation\Http\FormRequest;

/** Somebody who was invited chooses a password. Whoever has the link may. */
final class JoinRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:190']];
    }
}
