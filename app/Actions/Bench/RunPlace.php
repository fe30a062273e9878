<?php

declare(strict_types=1);

namespace App\Actions\Bench;

/** A line of a sheet that can be laid now, on some of its figures. */
final readonly class RunPlace
{
    /**
     * @param  string  $sheet its key
     * @param  non-empty-list<array{id: int, number: int, seen: int|null}>  $figures with the mark that stands on each
     * @param  float  $minutes on all of them
     */
    public function __construct(
        public int $jobId,
        public string $sheet,
        public string $unit,
        public string $area,
        public string $use,
        public array $figures,
        public float $minutes,
    ) {
    }
}
