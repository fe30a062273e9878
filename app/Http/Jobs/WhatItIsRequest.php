<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** What an area is made of, as it is known now. */
final class WhatItIsRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'area' => ['required', 'string', 'max:120'],
            'surface' => ['required', 'string', 'max:120'],
        ];
    }
}
