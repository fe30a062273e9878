<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Core\Scheme\Batch;

/** One way to lay one paint that several sheets have before them. */
final readonly class BenchRun
{
    /**
     * @param  array<int, non-empty-list<Batch>>  $amounts by step, what each place takes
     * @param  list<RunPlace>  $places
     */
    public function __construct(
        public string $title,
        public string $degree,
        public string $paint,
        private array $amounts = [],
        public array $places = [],
    ) {
    }

    /** @param  list<Batch>  $amounts that it takes there, step by step */
    public function with(RunPlace $place, array $amounts): self
    {
        $all = $this->amounts;
        foreach ($amounts as $step => $batch) {
            $all[$step][] = $batch;
        }

        return new self($this->title, $this->degree, $this->paint, $all, [...$this->places, $place]);
    }

    /** @return list<Batch> step by step, for all places together */
    public function batches(): array
    {
        return array_values(array_map(Batch::together(...), $this->amounts));
    }

    /** How many sheets it lies on. */
    public function sheets(): int
    {
        return count(array_unique(array_map(static fn (RunPlace $place): string => $place->sheet, $this->places)));
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (RunPlace $place): float => $place->minutes, $this->places));
    }
}
