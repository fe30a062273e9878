<?php

declare(strict_types=1);

namespace Core\Budget;

/**
 * What some groups can gain at most for what is left of a budget, if an option could be taken in part: the steps up their
 * hulls, the steepest first. No real choice gains more (the linear relaxation of the multiple-choice knapsack; Sinha and
 * Zoltners, Operations Research 27, 1979; from memory).
 */
final readonly class SteepestFirst
{
    /**
     * @param  list<int>  $costs of the steps taken up to each, rising
     * @param  list<float>  $gains of them
     */
    private function __construct(
        private array $costs,
        private array $gains,
        private float $cheapest,
    ) {
    }

    /**
     * @param  list<Rungs>  $groups
     * @return list<self> by how many of the groups are decided already; one more than there are groups
     */
    public static function ofEachRest(array $groups): array
    {
        $steps = HullStep::all($groups);
        $rests = [];
        $cheapest = array_sum(array_map(static fn (Rungs $group): float => $group->gains[0], $groups));
        foreach ($groups as $at => $group) {
            $rests[] = self::along(array_filter($steps, static fn (HullStep $step): bool => $step->group >= $at), $cheapest);
            $cheapest -= $group->gains[0];
        }

        return [...$rests, new self([], [], 0.0)];
    }

    /** @param  int  $left of the budget, at least 0 */
    public function most(int $left): float
    {
        $low = 0;
        $high = count($this->costs);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->costs[$middle] <= $left) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        $taken = $this->costs[$low - 1] ?? 0;
        $gain = $this->gains[$low - 1] ?? 0.0;
        $part = isset($this->costs[$low]) ? ($this->gains[$low] - $gain) * ($left - $taken) / ($this->costs[$low] - $taken) : 0.0;

        return $this->cheapest + $gain + $part;
    }

    /** @param  array<int, HullStep>  $steps the steepest first */
    private static function along(array $steps, float $cheapest): self
    {
        $costs = $gains = [];
        $cost = 0;
        $gain = 0.0;
        foreach ($steps as $step) {
            $costs[] = $cost += $step->cost;
            $gains[] = $gain += $step->gain;
        }

        return new self($costs, $gains, $cheapest);
    }
}
