<?php

declare(strict_types=1);

namespace App\Http\Proposals;

use App\Http\Shared\AnybodyRequest;

/** What should be otherwise, and where. */
final class ProposeRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'tier' => ['required', 'string', 'max:120'],
            'surface' => ['required', 'string', 'max:120'],
            'use' => ['nullable', 'string', 'max:120'],
            'text' => ['required', 'string', 'max:1000'],
        ];
    }

    public function tier(): string
    {
        return $this->string('tier')->toString();
    }

    public function surface(): string
    {
        return $this->string('surface')->toString();
    }

    public function use(): ?string
    {
        return $this->textOrNull('use');
    }

    public function text(): string
    {
        return $this->string('text')->toString();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'Say what should be otherwise, and why.'];
    }
}
