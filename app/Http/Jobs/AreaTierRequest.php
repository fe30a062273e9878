<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** The tier of one area. */
final class AreaTierRequest extends VariationRequest
{
    public function rules(): array
    {
        return [
            ...self::PLACE,
            'tier' => ['present', 'nullable', 'string'],
        ];
    }

    public function tier(): ?string
    {
        return $this->textOrNull('tier');
    }
}
