<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** A picture that somebody uploads. */
abstract class UploadedPictureRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:8192']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a picture: JPEG, PNG or WebP.', 'file.max' => 'This picture has more than 8 MB; save it smaller.', 'file.uploaded' => 'The picture did not arrive; it may be too large. 8 MB is the most.'];
    }

    public function bytes(): string
    {
        return $this->uploaded('file') ?? '';
    }
}
