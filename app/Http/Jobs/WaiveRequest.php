<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** A use left out, with the reason. */
final class WaiveRequest extends VariationRequest
{
    public function rules(): array
    {
        return [
            ...self::PLACE,
            'use' => ['required', 'string'],
            'reason' => ['required', 'string', 'max:500'],
            'agreed_with' => ['nullable', 'string', 'max:190'],
        ];
    }
}
