<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;

/** Which records are read: all of them or those since. */
final class VerifyChainRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'whole' => ['required', 'boolean'],
        ];
    }
}
