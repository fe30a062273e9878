<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Http\Shared\ApiRequest;

/** Tiers of units, and of figures that have one of their own. */
final class MixRequest extends ApiRequest
{
    private const ROWS = ['array', 'max:1000'];

    public function rules(): array
    {
        return [
            'units' => ['present', ...self::ROWS],
            'units.*.id' => ['bail', 'required', 'integer', 'distinct'],
            'units.*.version' => ['required', 'integer'],
            'units.*.tier' => ['required', 'string', 'max:120'],
            'figures' => ['present', ...self::ROWS],
            'figures.*.id' => ['bail', 'required', 'integer', 'distinct'],
            'figures.*.version' => ['required', 'integer'],
            'figures.*.tier' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return list<array{id: int, version: int, tier: string}> */
    public function tiers(string $of): array
    {
        /** @var list<array{id: int, version: int, tier: string}> */
        return $this->validated($of);
    }
}
