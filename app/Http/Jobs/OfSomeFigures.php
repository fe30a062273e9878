<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Models\Figure;
use App\Models\Unit;

/**
 * Said of some figures of a unit, or of the whole unit.
 *
 * @phpstan-require-extends ApiRequest
 */
trait OfSomeFigures
{
    /** Null: the whole unit. */
    protected const SOME_FIGURES = [
        'figures' => ['present', 'nullable', 'array', 'min:1', 'max:1000'],
        'figures.*' => ['required', 'integer', 'distinct'],
    ];

    /** @return non-empty-list<Figure>|null null: the whole unit */
    public function figures(Unit $unit): ?array
    {
        $ids = $this->input('figures');
        $figures = is_array($ids) ? array_values(Figure::query()->where('unit_id', $unit->id)->orderBy('id')->findOrFail($ids)->all()) : [];

        return $figures === [] ? null : $figures;
    }
}
