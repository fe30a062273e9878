<?php

declare(strict_types=1);

namespace Core\Plan;

/**
 * How long somebody takes for what a technique is allowed: the median of what was taken by what was allowed, drawn toward 1 where
 * little was observed, n / (n + 5). Common practice, no source.
 */
final readonly class Pace
{
    /** So many observations count as much as what is usual. */
    private const USUAL = 5;

    /**
     * @param  float  $factor minutes taken for a minute that is allowed, over 0
     * @param  int  $observed how often
     */
    private function __construct(
        public float $factor,
        public int $observed,
    ) {
    }

    /** @param  list<array{float, float}>  $observed minutes taken, at least 0, and allowed; what is allowed none says nothing */
    public static function of(array $observed): self
    {
        $shares = [];
        foreach ($observed as [$taken, $allowed]) {
            if ($allowed > 0 && $taken > 0) {
                $shares[] = $taken / $allowed;
            }
        }
        $count = count($shares);
        if ($count === 0) {
            return new self(1.0, 0);
        }
        sort($shares);
        $middle = intdiv($count, 2);
        $median = $count % 2 === 1 ? $shares[$middle] : ($shares[$middle - 1] + $shares[$middle]) / 2;

        return new self(1 + ($median - 1) * $count / ($count + self::USUAL), $count);
    }
}
