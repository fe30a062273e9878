<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\ApiRequest;

/** A page of the log. */
final class LogRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE];
    }
}
