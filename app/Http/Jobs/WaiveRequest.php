<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** A use left out, with the reason. */
final class WaiveRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figure_id' => ['nullable', 'integer'],
            'area' => ['required', 'string'],
            'use' => ['required', 'string'],
            'reason' => ['required', 'string', 'max:500'],
            'agreed_with' => ['nullable', 'string', 'max:190'],
        ];
    }
}
