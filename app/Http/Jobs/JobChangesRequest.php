<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** A page of what was changed of a job. */
final class JobChangesRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE];
    }
}
