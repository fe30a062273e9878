<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** Which line of a sheet is in hand: its place on it, from 0. */
final class AtHandRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['line' => ['bail', 'required', 'integer', 'between:0,5000']];
    }
}
