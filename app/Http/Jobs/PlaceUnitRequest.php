<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** The unit that comes after it; none: it is the last. */
final class PlaceUnitRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'before' => ['present', 'nullable', 'integer']];
    }

    public function before(): ?int
    {
        return $this->filled('before') ? $this->integer('before') : null;
    }
}
