<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Which figures share a sheet: those that have most of their steps in common with most of the unit. A showpiece that is painted
 * otherwise has a sheet of its own. Common practice, no source.
 */
final readonly class Sharing
{
    /** @param  float  $least share of the steps of whichever has more, over 0 to 1; 1: only what is painted alike */
    public function __construct(private float $least)
    {
    }

    /**
     * @param  non-empty-list<PaintedAlike>  $all
     * @param  non-empty-list<int>  $figures how many of each
     * @return non-empty-list<non-empty-list<int>> which of them share a sheet; first in each are those of which there are most
     */
    public function groups(array $all, array $figures): array
    {
        $ways = array_map(static fn (PaintedAlike $one): array => $one->ways(), $all);
        $byNumber = array_keys($all);
        usort($byNumber, static fn (int $a, int $b): int => [$figures[$b], $a] <=> [$figures[$a], $b]);
        $groups = [];
        foreach ($byNumber as $one) {
            foreach ($groups as $at => $group) {
                if ($this->share($ways[$group[0]], $ways[$one])) {
                    $groups[$at][] = $one;

                    continue 2;
                }
            }
            $groups[] = [$one];
        }

        return array_values($groups);
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private function share(array $one, array $other): bool
    {
        $more = max(count($one), count($other));

        return $more > 0 && count(array_intersect($one, $other)) >= $this->least * $more;
    }
}
