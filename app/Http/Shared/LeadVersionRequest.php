<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** A deed of the lead that names the version it is done on. */
final class LeadVersionRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['version' => ['required', 'integer']];
    }
}
