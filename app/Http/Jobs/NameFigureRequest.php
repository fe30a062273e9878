<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** What a figure is called. */
final class NameFigureRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'name' => ['present', 'nullable', 'string', 'max:120'],
        ];
    }
}
