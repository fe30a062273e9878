<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\ApiRequest;

/** Why a job is set aside; null: it is taken up again. */
final class AsideRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'because' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    public function because(): ?string
    {
        return $this->textOrNull('because');
    }
}
