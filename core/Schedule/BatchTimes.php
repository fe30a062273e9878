<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Standard\OutOfRange;

/**
 * How long one painter takes a batch through the coats of its sheet. While one area dries, whatever else may be laid is laid,
 * in the order of the sheet or, where that is quicker, what is longest on its way first: texture paste before all else.
 */
final readonly class BatchTimes
{
    /** Less is not worth another order. */
    private const WORTH_MINUTES = 1.0;

    public function __construct(private Coats $coats)
    {
    }

    /** @param  int  $figures at least 1 */
    public function along(BatchPath $path, int $figures): PathTime
    {
        if ($figures < 1) {
            throw OutOfRange::below('figures', 1, $figures);
        }
        $asGiven = array_keys($this->coats->all);
        $time = (new BatchRun($this->coats, $path, $figures, $asGiven))->time();
        $longest = $this->longestFirst();
        $other = (new BatchRun($this->coats, $path, $figures, $longest))->time();

        return $other->elapsed < $time->elapsed - self::WORTH_MINUTES
            ? new PathTime($path, $other->byHand, $other->waiting, $other->changes, $this->early($longest))
            : $time;
    }

    /** @return list<int> rank by coat: what has most drying and work behind it comes first */
    private function longestFirst(): array
    {
        $behind = array_fill(0, count($this->coats->all), 0.0);
        foreach (array_reverse($this->coats->all, true) as $place => $coat) {
            foreach ($coat->after as $after) {
                $behind[$after] = max($behind[$after], $this->coats->all[$after]->dry + $coat->minutes + $behind[$place]);
            }
            foreach ($coat->behind as $after) {
                $behind[$after] = max($behind[$after], $coat->minutes + $behind[$place]);
            }
        }
        $order = array_keys($behind);
        usort($order, static fn (int $a, int $b): int => [-$behind[$a], $a] <=> [-$behind[$b], $b]);
        $rank = array_flip($order);
        ksort($rank);

        return array_values($rank);
    }

    /**
     * Of the coats that come before one that the sheet has earlier, that which dries longest.
     *
     * @param  list<int>  $rank by coat
     */
    private function early(array $rank): ?int
    {
        $early = null;
        foreach ($this->coats->all as $place => $coat) {
            $overtakes = array_filter(array_slice($rank, 0, $place), static fn (int $other): bool => $other > $rank[$place]) !== [];
            if ($overtakes && $coat->dry > ($early === null ? 0.0 : $this->coats->all[$early]->dry)) {
                $early = $place;
            }
        }

        return $early;
    }
}
