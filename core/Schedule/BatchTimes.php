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

    /** @var list<int> coats: what has most drying and work behind it comes first */
    private array $longestFirst;

    /** @param  array<int, list<int>>  $lacking by coat, places of the figures that do not have it */
    public function __construct(
        private Coats $coats,
        private array $lacking = [],
    ) {
        $this->longestFirst = self::longestFirst($coats->all);
    }

    /** @param  int  $figures at least 1 */
    public function along(BatchPath $path, int $figures): PathTime
    {
        if ($figures < 1) {
            throw OutOfRange::below('figures', 1, $figures);
        }
        $time = (new BatchRun($this->coats, $path, $figures, array_keys($this->coats->all), $this->lacking))->time();
        $other = (new BatchRun($this->coats, $path, $figures, $this->longestFirst, $this->lacking))->time();

        return $other->elapsed < $time->elapsed - self::WORTH_MINUTES
            ? new PathTime($path, $other->byHand, $other->waiting, $other->changes, $this->early())
            : $time;
    }

    /**
     * Coats by what is taken first of all that may be laid: as the sheet has them, or longest first where that is quicker.
     *
     * @return list<int>
     */
    public function inTurn(int $figures): array
    {
        return $this->along(BatchPath::StepByStep, $figures)->early === null ? array_keys($this->coats->all) : $this->longestFirst;
    }

    /**
     * @param  list<Coat>  $coats
     * @return list<int>
     */
    private static function longestFirst(array $coats): array
    {
        $behind = array_fill(0, count($coats), 0.0);
        foreach (array_reverse($coats, true) as $place => $coat) {
            foreach ($coat->after as $after) {
                $behind[$after] = max($behind[$after], $coats[$after]->dry + $coat->minutes + $behind[$place]);
            }
            foreach ($coat->behind as $after) {
                $behind[$after] = max($behind[$after], $coat->minutes + $behind[$place]);
            }
        }
        $order = array_keys($behind);
        usort($order, static fn (int $a, int $b): int => [-$behind[$a], $a] <=> [-$behind[$b], $b]);

        return $order;
    }

    /** Of the coats that come before one that the sheet has earlier, that which dries longest. */
    private function early(): ?int
    {
        $rank = array_flip($this->longestFirst);
        $early = null;
        $longest = 0.0;
        $latest = -1;
        foreach ($this->coats->all as $place => $coat) {
            if ($rank[$place] < $latest && $coat->dry > $longest) {
                [$early, $longest] = [$place, $coat->dry];
            }
            $latest = max($latest, $rank[$place]);
        }

        return $early;
    }
}
