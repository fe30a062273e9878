<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** Figures handed over to be checked. */
final class HandOverRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'figures' => ['required', 'array', 'min:1', 'max:500'],
            'figures.*' => ['required', 'integer'],
        ];
    }

    /** @return non-empty-list<int> */
    public function figureIds(): array
    {
        /** @var non-empty-list<int> */
        return $this->validated('figures');
    }
}
