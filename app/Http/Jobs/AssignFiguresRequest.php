<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Tier and painter of some figures, changed together or not at all. */
final class AssignFiguresRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'figures' => ['required', 'array', 'min:1', 'max:1000'],
            'figures.*.id' => ['required', 'integer'],
            'figures.*.version' => ['required', 'integer'],
            'tier' => ['sometimes', 'nullable', 'string'],
            'painter_id' => ['sometimes', 'nullable', 'integer'],
        ];
    }

    /** @return array<int, int> version that was read, by figure */
    public function versionsRead(): array
    {
        /** @var list<array{id: int, version: int}> $figures */
        $figures = $this->validated('figures');

        return array_column($figures, 'version', 'id');
    }

    /** @return array{tier?: string|null, painter_id?: int|null} */
    public function change(): array
    {
        $change = [];
        if ($this->has('tier')) {
            $change['tier'] = $this->textOrNull('tier');
        }
        if ($this->has('painter_id')) {
            $change['painter_id'] = $this->input('painter_id') === null ? null : $this->integer('painter_id');
        }

        return $change;
    }
}
