<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** An area of which the standard says nothing, agreed as not asked for. */
final class NotAskedRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figure_id' => ['nullable', 'integer'],
            'area' => ['required', 'string'],
            'reason' => ['required', 'string', 'max:500'],
            'agreed_with' => ['required', 'string', 'max:190'],
        ];
    }
}
