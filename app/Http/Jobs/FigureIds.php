<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/**
 * Figures of a unit by their ids, with the version of the unit that was read.
 *
 * @phpstan-require-extends ApiRequest
 */
trait FigureIds
{
    protected const FIGURE_IDS = [
        'version' => ['required', 'integer'],
        'figures' => ['required', 'array', 'min:1', 'max:500'],
        'figures.*' => ['bail', 'required', 'integer', 'distinct'],
    ];

    /** @return non-empty-list<int> */
    public function figures(): array
    {
        /** @var non-empty-list<int|string> $ids */
        $ids = $this->validated('figures');

        return array_map(intval(...), $ids);
    }
}
