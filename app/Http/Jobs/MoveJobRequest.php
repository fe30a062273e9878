<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Models\StandardVersion;

/** To which version. */
final class MoveJobRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'to' => ['required', 'integer'],
        ];
    }

    public function to(): StandardVersion
    {
        return StandardVersion::query()->findOrFail($this->integer('to'));
    }
}
