<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\AnyJson;
use App\Http\Shared\ApiRequest;

/** What a tier by agreement asks of one surface in one job; null: the job says nothing of it any more. */
final class OwnRequirementRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'tier' => ['required', 'string', 'max:120'],
            'surface' => ['required', 'string', 'max:120'],
            'requirement' => ['present', 'nullable', new AnyJson],
        ];
    }

    /** @return array<array-key, mixed>|null */
    public function requirement(): ?array
    {
        $value = $this->input('requirement');

        return is_array($value) ? $value : null;
    }
}
