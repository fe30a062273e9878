<?php

declare(strict_types=1);

namespace Core\Quote;

/**
 * How far what was taken lay from what was allowed, job after job: between its lower and its upper quartile lies half of it.
 * Quartiles as the seventh of Hyndman and Fan, Sample Quantiles in Statistical Packages, 1996.
 */
final readonly class Past
{
    /** Fewer say nothing of the next. Common practice, no source. */
    private const FEW = 5;

    /**
     * @param  float  $low minutes taken for a minute that was allowed, lower quartile
     * @param  float  $high upper quartile
     * @param  int  $observed how many
     */
    private function __construct(
        public float $low,
        public float $high,
        public int $observed,
    ) {
    }

    /**
     * @param  list<float>  $shares taken by allowed, over 0
     * @return self|null null: too few to say anything
     */
    public static function of(array $shares): ?self
    {
        sort($shares);

        return count($shares) < self::FEW ? null : new self(self::quantile($shares, 0.25), self::quantile($shares, 0.75), count($shares));
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $at = (count($sorted) - 1) * $share;
        $below = (int) floor($at);

        // There is a next one: of five and more, the upper quartile lies below the last.
        return $sorted[$below] + ($at - $below) * ($sorted[$below + 1] - $sorted[$below]);
    }
}
