<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** What a unit is called. */
final class ChangeUnitRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'name' => ['required', 'string', 'max:190'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }
}
