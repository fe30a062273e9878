<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** A use left out, with the reason. */
final class WaiveRequest extends VariationRequest
{
    public function rules(): array
    {
        return [...self::PLACE, ...self::TERMS, 'use' => ['required', 'string']];
    }
}
