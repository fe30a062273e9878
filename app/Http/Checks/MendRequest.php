<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\AnybodyRequest;

/** A fault that was mended. */
final class MendRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }
}
