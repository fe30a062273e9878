<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** What another tier asks, taken over for a tier by agreement. */
final class CopyTierRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'tier' => ['required', 'string', 'max:120'],
            'from' => ['required', 'string', 'max:120'],
        ];
    }
}
