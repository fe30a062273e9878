<?php

declare(strict_types=1);

namespace App\Http\Raises;

use App\Http\Shared\ApiRequest;
use App\Models\Job;

/** To which tier, and in which job. */
final class RaiseOfferRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['to' => ['nullable', 'string', 'max:120'], 'job' => ['nullable', 'integer']];
    }

    public function toTier(): ?string
    {
        return $this->textOrNull('to');
    }

    public function into(): ?Job
    {
        return $this->filled('job') ? Job::query()->findOrFail($this->integer('job')) : null;
    }
}
