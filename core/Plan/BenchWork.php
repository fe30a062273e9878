<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Schedule\Coat;
use Core\Schedule\Coats;
use Core\Standard\OutOfRange;
use DateTimeImmutable;

/** What one painter has left of one sheet. */
final readonly class BenchWork
{
    /** Minutes by hand that are left, changes of paint apart. */
    public float $minutes;

    /**
     * @param  string  $id of the work, among those of its painter
     * @param  int  $figures at least 1
     * @param  list<int>  $inTurn coats by rank: what comes first of all that may be laid
     * @param  array<int, array<int, DateTimeImmutable>>  $laid by coat and place of a figure: since or from when it is dry there
     * @param  DateTimeImmutable|null  $due null: no date
     * @param  array<int, list<int>>  $lacking by coat, places of the figures that do not have it
     */
    public function __construct(
        public string $id,
        public Coats $coats,
        public int $figures,
        public array $inTurn,
        public array $laid = [],
        public ?DateTimeImmutable $due = null,
        public array $lacking = [],
    ) {
        if ($figures < 1) {
            throw OutOfRange::below('figures', 1, $figures);
        }
        $this->minutes = array_sum(array_map(fn (Coat $coat, int $place): float => $coat->minutes * count($this->open($place)), $coats->all, array_keys($coats->all)));
    }

    /** @return list<int> places of the figures that have a coat before them */
    public function open(int $coat): array
    {
        return array_values(array_diff(range(0, $this->figures - 1), array_keys($this->laid[$coat] ?? []), $this->lacking[$coat] ?? []));
    }
}
