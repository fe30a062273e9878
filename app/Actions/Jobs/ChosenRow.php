<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

/** A row of the grid as somebody read it: a unit with all that has nothing of its own, or some figures of it. */
final readonly class ChosenRow
{
    /**
     * @param  non-empty-array<int, int>|null  $figures version that was read, by figure; null: the unit
     * @param  array{tier?: string, painter_id?: int|null}  $own what it gets, where each row gets something else
     */
    public function __construct(
        public int $unit,
        public int $versionRead,
        public ?array $figures,
        public array $own = [],
    ) {
    }
}
