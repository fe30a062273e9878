<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;

/** A list of paints: a CSV file, or a palette. */
final class PaintFileRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:2048'],
            'take' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a CSV file or a palette (.gpl).', 'file.max' => 'This file has more than 2 MB; a list of paints has far less, so it is something else.', 'file.uploaded' => 'The file did not arrive; it may be too large. 2 MB is the most.'];
    }

    public function text(): string
    {
        return $this->uploaded('file') ?? '';
    }
}
