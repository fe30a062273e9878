<?php

declare(strict_types=1);

namespace Core\Sequence;

use SplPriorityQueue;

/** Whether some order from here on takes less than so many minutes of tidying in all: the least such, or none. */
final readonly class TidyProof
{
    /** Minutes are sums of fractions. */
    private const ALIKE = 1e-9;

    public function __construct(
        private TidyBound $bound,
        private int $mostSteps,
    ) {
    }

    /**
     * @return LaidSoFar|false|null the order with the least; null: there is none; false: it would take too long to tell
     */
    public function under(float $minutes, LaidSoFar $from): LaidSoFar|false|null
    {
        /** @var SplPriorityQueue<array{float, int}, LaidSoFar> $open */
        $open = new SplPriorityQueue;
        $open->insert($from, [0.0, 0]);
        $seen = [$from->key() => $from->minutes];
        for ($steps = 0; ! $open->isEmpty(); $steps++) {
            /** @var LaidSoFar $laid */
            $laid = $open->extract();
            if ($laid->isDone()) {
                return $laid;
            }
            if ($steps >= $this->mostSteps) {
                return false;
            }
            foreach ($laid->minutes > $seen[$laid->key()] + self::ALIKE ? [] : $laid->ready() as $step) {
                $next = $laid->after($step);
                $key = $next->key();
                $least = $next->minutes + $this->bound->of($next);
                if ($least < $minutes - self::ALIKE && $next->minutes < ($seen[$key] ?? INF) - self::ALIKE) {
                    $seen[$key] = $next->minutes;
                    $open->insert($next, [-$least, array_sum($next->counts)]);
                }
            }
        }

        return null;
    }
}
