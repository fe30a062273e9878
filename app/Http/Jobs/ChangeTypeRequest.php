<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Of which type the figures of a unit are, or some of them. */
final class ChangeTypeRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            // Null: all of the unit.
            'figures' => ['present', 'nullable', 'array', 'min:1', 'max:500'],
            'figures.*' => ['bail', 'required', 'integer', 'distinct'],
            'figure_type' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return non-empty-list<int>|null */
    public function figures(): ?array
    {
        /** @var non-empty-list<int|string>|null $ids */
        $ids = $this->validated('figures');

        return $ids === null ? null : array_map(intval(...), $ids);
    }
}
