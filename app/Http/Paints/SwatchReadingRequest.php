<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;

/** A photograph of a painted swatch beside a grey card, and where they lie on it. */
final class SwatchReadingRequest extends ApiRequest
{
    public function rules(): array
    {
        $place = ['required', 'numeric', 'min:0', 'max:1'];

        return ['file' => ['required', 'file', 'max:8192'], 'card_x' => $place, 'card_y' => $place, 'x' => $place, 'y' => $place];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a picture: JPEG, PNG or WebP.', 'file.max' => 'This picture has more than 8 MB; save it smaller.', 'file.uploaded' => 'The picture did not arrive; it may be too large. 8 MB is the most.',
            'card_x.*' => 'Point at the grey card first.', 'card_y.*' => 'Point at the grey card first.', 'x.*' => 'Point at the swatch.', 'y.*' => 'Point at the swatch.',
        ];
    }

    public function bytes(): string
    {
        return $this->uploaded('file') ?? '';
    }
}
