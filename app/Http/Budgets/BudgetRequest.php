<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\BudgetMeasure;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;

/** A budget, and what of it is settled. */
final class BudgetRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'measure' => ['bail', 'required', 'string', OneOf::of(BudgetMeasure::class)],
            'budget' => ['bail', 'nullable', 'integer', 'min:0', 'max:1000000000'],
            'alike' => ['boolean'],
            'fixed' => ['array', 'max:1000'],
            'fixed.*.group' => ['required', 'string', 'max:160'],
            'fixed.*.tier' => ['required', 'string', 'max:120'],
        ];
    }

    public function measure(): BudgetMeasure
    {
        return BudgetMeasure::from($this->string('measure')->toString());
    }

    public function budget(): ?int
    {
        return $this->input('budget') === null ? null : $this->integer('budget');
    }

    /** @return array<array-key, string> tier by group */
    public function fixed(): array
    {
        /** @var list<array{group: string, tier: string}> $fixed */
        $fixed = $this->validated('fixed') ?? [];

        return array_column($fixed, 'tier', 'group');
    }
}
