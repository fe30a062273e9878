<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\ApiRequest;
use Carbon\CarbonImmutable;

/** The day that a client is told; null: none any more. */
final class PromiseRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'on' => ['present', 'nullable', 'date_format:Y-m-d'],
        ];
    }

    public function on(): ?CarbonImmutable
    {
        $on = $this->textOrNull('on');

        return $on === null ? null : CarbonImmutable::parse($on);
    }
}
