<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** A deed of the lead that needs nothing more to be said. */
final class LeadRequest extends ApiRequest
{
    public function rules(): array
    {
        return [];
    }
}
