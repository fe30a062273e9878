<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** The tier of one area. */
final class AreaTierRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figure_id' => ['nullable', 'integer'],
            'area' => ['required', 'string'],
            'tier' => ['present', 'nullable', 'string'],
        ];
    }

    public function tier(): ?string
    {
        return $this->textOrNull('tier');
    }
}
