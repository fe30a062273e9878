<?php

declare(strict_types=1);

namespace Core\Colour;

/**
 * Which lights of a ladder a tier takes that has fewer: those that climb without a jump, as far as it asks,
 * in steps as even as they come. A tier with one light so takes the best one, not simply the first.
 * Common practice, no source.
 */
final readonly class LightChoice
{
    /** More lights than a ladder has are not searched through. */
    private const MOST_SEARCHED = 14;

    /** A light that does not show is work for nothing; one that jumps can be glazed. From memory. */
    private const NOT_SEEN = 3;

    /** To stay under what the tier asks for is half as bad as to jump by as much. From memory. */
    private const SHORT = 0.5;

    public function __construct(private LadderRules $rules)
    {
    }

    /**
     * @param  float  $from L* of what the first light lies on
     * @param  list<float>  $lights L* in the order they are laid
     * @param  int  $many how many the tier asks for, at least 0
     * @param  float  $reach L* that the last one need not go over; without it, as high as they go
     * @return list<int> which of them, in order; all where there are no more than asked for
     */
    public function of(float $from, array $lights, int $many, float $reach = INF): array
    {
        $all = array_keys($lights);
        if ($many >= count($lights)) {
            return $all;
        }
        if ($many <= 0) {
            return [];
        }
        $best = null;
        $found = [];
        foreach ($this->choices(array_slice($all, 0, self::MOST_SEARCHED), $many) as $choice) {
            $worth = $this->worth($from, array_map(static fn (int $at): float => $lights[$at], $choice), $reach);
            if ($best === null || ($worth <=> $best) > 0) {
                [$best, $found] = [$worth, $choice];
            }
        }

        return $found;
    }

    /**
     * @param  list<float>  $lights
     * @return array{float, float, float} compared one after the other: least over or under the bounds, highest light, evenest rises
     */
    private function worth(float $from, array $lights, float $reach): array
    {
        $off = 0.0;
        $uneven = 0.0;
        $before = $from;
        foreach ($lights as $light) {
            $rise = $light - $before;
            $off += max(0.0, $rise - $this->rules->maxStep) + self::NOT_SEEN * max(0.0, $this->rules->minStep - $rise);
            $uneven += $rise * $rise;
            $before = $light;
        }

        $short = is_finite($reach) ? self::SHORT * max(0.0, $reach - $before) : 0.0;

        return [-$off - $short, min($before, $reach), -$uneven];
    }

    /**
     * @param  list<int>  $from
     * @return iterable<list<int>> every choice of so many, in order
     */
    private function choices(array $from, int $many): iterable
    {
        if ($many === 0) {
            yield [];

            return;
        }
        foreach ($from as $at => $first) {
            foreach ($this->choices(array_slice($from, $at + 1), $many - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
