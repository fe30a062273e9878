<?php

declare(strict_types=1);

namespace Core\Budget;

/**
 * A choice so far, completed: groups take the steepest steps that the budget reaches, and of all combinations of the last ones
 * that is looked up which gains most with what the others leave. Good, not always best.
 */
final readonly class Completion
{
    /** So many combinations at most are kept. */
    private const COMBINATIONS = 4000;

    /** @var list<HullStep> */
    private array $steps;

    /** How many groups come before the last ones. */
    private int $before;

    /** @var non-empty-list<int> what the combinations of the last groups cost, rising; each gains more than the one before */
    private array $costs;

    /** @var non-empty-list<array{float, list<int>}> what they gain, and their rungs */
    private array $combinations;

    /** @param  list<Rungs>  $groups */
    public function __construct(private array $groups)
    {
        $this->steps = HullStep::all($groups);
        $combinations = [0 => [0.0, []]];
        $before = count($groups);
        while ($before > 0 && count($combinations) * count($groups[$before - 1]->costs) <= self::COMBINATIONS) {
            $combinations = self::with($groups[--$before], $combinations);
        }
        $this->before = $before;
        $this->costs = array_keys($combinations);
        $this->combinations = array_values($combinations);
    }

    /**
     * @param  int  $from so many groups are decided; where that is some of the last ones and not all, nothing is known
     * @return array{float, list<int>} what it gains in all, and the rungs of the other groups; a gain of -INF: nothing
     */
    public function of(int $from, float $gain, int $cost, int $budget): array
    {
        if ($from > $this->before) {
            return [$from < count($this->groups) ? -INF : $gain, []];
        }
        $taken = [];
        for ($group = $from; $group < $this->before; $group++) {
            $taken[$group] = 0;
            $gain += $this->groups[$group]->gains[0];
        }
        $left = $budget - $cost;
        foreach ($this->steps as $step) {
            $left -= $step->group >= $from ? $step->cost : 0;
            if ($left < 0) {
                break;
            }
            if (isset($taken[$step->group])) {
                $taken[$step->group] = $step->to;
                $cost += $step->cost;
                $gain += $step->gain;
            }
        }
        [$further, $rungs] = $this->combinations[$this->within($budget - $cost)];

        return [$gain + $further, [...array_values($taken), ...$rungs]];
    }

    /** The last of the combinations that what is left is enough for. */
    private function within(int $left): int
    {
        $low = 0;
        $high = count($this->costs) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->costs[$middle] <= $left) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /**
     * @param  non-empty-array<int, array{float, list<int>}>  $combinations of the groups behind
     * @return non-empty-array<int, array{float, list<int>}> by cost, rising in cost and in gain
     */
    private static function with(Rungs $group, array $combinations): array
    {
        $all = [];
        foreach ($group->costs as $rung => $more) {
            foreach ($combinations as $cost => [$gain, $rungs]) {
                $gained = $gain + $group->gains[$rung];
                if (! isset($all[$cost + $more]) || $gained > $all[$cost + $more][0]) {
                    $all[$cost + $more] = [$gained, [$rung, ...$rungs]];
                }
            }
        }

        return Undominated::of($all);
    }
}
