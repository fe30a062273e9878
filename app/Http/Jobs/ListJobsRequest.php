<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\AnybodyRequest;

/** Jobs that are open or closed; or those of the archive. */
final class ListJobsRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['archived' => ['nullable', 'in:0,1']];
    }

    public function archived(): bool
    {
        return $this->boolean('archived');
    }
}
