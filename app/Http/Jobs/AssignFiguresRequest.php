<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Models\Figure;

/** Tier, painter and scheme of some figures, changed together or not at all; of several schemes each takes one in turn. */
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
            'schemes' => ['sometimes', 'array', 'min:1', 'max:50'],
            'schemes.*' => ['required', 'integer'],
        ];
    }

    /** The job of the first; that the others are of the same is looked at where they are changed. */
    public function job(): int
    {
        return Figure::query()->with('unit')->findOrFail(array_key_first($this->versionsRead()))->unit->job_id;
    }

    /** @return non-empty-array<int, int> version that was read, by figure */
    public function versionsRead(): array
    {
        /** @var non-empty-list<array{id: int, version: int}> $figures */
        $figures = $this->validated('figures');

        return array_column($figures, 'version', 'id');
    }

    /** @return array{tier?: string|null, painter_id?: int|null, schemes?: non-empty-list<int>} */
    public function change(): array
    {
        $change = [];
        if ($this->has('tier')) {
            $change['tier'] = $this->textOrNull('tier');
        }
        if ($this->has('painter_id')) {
            $change['painter_id'] = $this->input('painter_id') === null ? null : $this->integer('painter_id');
        }

        $schemes = $this->input('schemes');
        if (is_array($schemes) && $schemes !== []) {
            $change['schemes'] = array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, array_values($schemes));
        }

        return $change;
    }
}
