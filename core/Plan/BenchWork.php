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
     * @param  array<int, list<DateTimeImmutable>>  $laid by coat, on so many figures: since or from when each is dry
     * @param  DateTimeImmutable|null  $due null: no date
     */
    public function __construct(
        public string $id,
        public Coats $coats,
        public int $figures,
        public array $inTurn,
        public array $laid = [],
        public ?DateTimeImmutable $due = null,
    ) {
        if ($figures < 1) {
            throw OutOfRange::below('figures', 1, $figures);
        }
        $this->minutes = array_sum(array_map(fn (Coat $coat, int $place): float => $coat->minutes * max(0, $figures - count($laid[$place] ?? [])), $coats->all, array_keys($coats->all)));
    }
}
