<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;
use App\Models\Scheme;

/** The force and the name of a scheme. */
final class BeginSchemeRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['force' => ['required', 'string', 'max:190'], 'name' => ['required', 'string', 'max:120'], 'like' => ['nullable', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['force.required' => 'Say which force it is for.', 'name.required' => 'Give the scheme a name.'];
    }

    /** Whose colours it begins with; null: none. */
    public function like(): ?Scheme
    {
        return $this->input('like') === null ? null : Scheme::query()->findOrFail($this->integer('like'));
    }
}
