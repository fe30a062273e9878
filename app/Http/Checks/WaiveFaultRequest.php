<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;

/** A fault that the lead lets pass. */
final class WaiveFaultRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'agreed_with' => ['required', 'string', 'max:190'],
            'reason' => ['required', 'string', 'max:500'],
        ];
    }
}
