<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\ChosenRow;
use App\Http\Shared\ApiRequest;
use App\Refusals\NotRight;

/** Rows of the grid as they were read, and one thing that shall be otherwise on all of them, or on each its own. */
final class AssignRowsRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'rows' => ['required', 'array', 'min:1', 'max:1000'],
            'rows.*.unit' => ['required', 'integer'],
            'rows.*.version' => ['required', 'integer'],
            // Null: the unit with all that has nothing of its own.
            'rows.*.figures' => ['present', 'nullable', 'array', 'min:1', 'max:1000'],
            'rows.*.figures.*.id' => ['required', 'integer'],
            'rows.*.figures.*.version' => ['required', 'integer'],
            // What this row gets, where each gets something else.
            'rows.*.tier' => ['sometimes', 'string'],
            'rows.*.painter_id' => ['sometimes', 'nullable', 'integer'],
            'painter_id' => ['sometimes', 'nullable', 'integer'],
            'area' => ['sometimes', 'string'],
            // A tier by its id, or so many tiers up or down; of an area also null, for that of its figure.
            'tier' => ['sometimes', 'nullable', 'string', 'prohibits:by'],
            'by' => ['sometimes', 'integer', 'between:-20,20', 'not_in:0'],
        ];
    }

    /** @return non-empty-list<ChosenRow> */
    public function rowsRead(): array
    {
        /** @var non-empty-list<array{unit: int, version: int, figures: non-empty-list<array{id: int, version: int}>|null, tier?: string, painter_id?: int|null}> $rows */
        $rows = $this->validated('rows');

        $all = $this->has('painter_id') ? ['painter_id' => $this->input('painter_id') === null ? null : $this->integer('painter_id')] : [];

        return array_map(static fn (array $row): ChosenRow => new ChosenRow(
            $row['unit'],
            $row['version'],
            $row['figures'] === null ? null : array_column($row['figures'], 'version', 'id'),
            array_intersect_key($row, ['tier' => 0, 'painter_id' => 0]) + $all,
        ), $rows);
    }

    public function area(): ?string
    {
        return $this->textOrNull('area');
    }

    /** @throws NotRight if neither a tier is said nor a step */
    public function tier(): string|int
    {
        return $this->to() ?? throw NotRight::at('/tier', 'nothing-said', 'Say a painter, a tier, or how many tiers up or down.');
    }

    /** Of an area: null for the tier of its figure. */
    public function to(): string|int|null
    {
        return $this->has('by') ? $this->integer('by') : $this->textOrNull('tier');
    }
}
