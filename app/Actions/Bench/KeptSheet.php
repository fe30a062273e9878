<?php

declare(strict_types=1);

namespace App\Actions\Bench;

/** Which of the figures of a unit share a sheet, and what a list shows of that. Who shares it is named by place, so that units of all jobs that are painted alike have one. */
final readonly class KeptSheet
{
    /**
     * @param  non-empty-list<int>  $shared places of those that share it, among those of their unit that could; of the first there are most
     * @param  float  $minutes by hand on one figure of those
     */
    public function __construct(
        public array $shared,
        public float $minutes,
        public SheetOutline $outline,
    ) {
    }
}
