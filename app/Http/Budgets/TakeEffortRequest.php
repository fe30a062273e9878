<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Http\Shared\ApiRequest;

/** Areas of units, or of some figures of them, each with the tier that it gets. */
final class TakeEffortRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'areas' => ['required', 'array', 'min:1', 'max:1000'],
            'areas.*.unit' => ['required', 'integer'],
            'areas.*.version' => ['required', 'integer'],
            'areas.*.figures' => ['present', 'nullable', 'array', 'min:1', 'max:500'],
            'areas.*.figures.*' => ['required', 'integer'],
            'areas.*.area' => ['required', 'string', 'max:120'],
            'areas.*.tier' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return non-empty-list<array{unit: int, version: int, figures: non-empty-list<int>|null, area: string, tier: string}> */
    public function areas(): array
    {
        /** @var non-empty-list<array{unit: int, version: int, figures: non-empty-list<int>|null, area: string, tier: string}> */
        return $this->validated('areas');
    }
}
