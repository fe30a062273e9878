<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Foundation\Http\FormRequest;

/** Name and password of somebody. Anyone may try; how often is limited by address and name. */
final class SignInRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:190'],
            'code' => ['nullable', 'string', 'max:40'],
        ];
    }
}
