<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** At which unit somebody sits down. */
final class ClockRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['unit_id' => ['bail', 'required', 'integer']];
    }
}
