<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** How long a step really took; null: nobody knows. */
final class TimeRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'minutes' => ['bail', 'present', 'nullable', 'numeric', 'between:0,1440'],
            'version' => ['bail', 'required', 'integer'],
        ];
    }

    public function minutes(): ?float
    {
        return $this->numberOrNull('minutes');
    }
}
