<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** The area, on a unit or on one figure of it. */
final class FurtherUsesRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['figure_id' => ['nullable', 'integer'], 'area' => ['required', 'string']];
    }

    public function area(): string
    {
        return $this->string('area')->toString();
    }
}
