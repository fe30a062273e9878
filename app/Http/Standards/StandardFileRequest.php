<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;

/** A standard file, and the version that it shall have when it is taken. */
final class StandardFileRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:4096'],
            'label' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function text(): string
    {
        return $this->uploaded('file') ?? '';
    }

    public function label(): ?string
    {
        return $this->textOrNull('label');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a file of the format ordotype-standard/1.', 'file.max' => 'This file has more than 4 MB; a standard has less than one, so it is something else.'];
    }
}
