<?php

declare(strict_types=1);

namespace Core\Budget;

/**
 * Given a budget, which tier for which group gains most. Exact: group after group, of all choices so far those are kept that no
 * cheaper one outdoes and that could still beat the best whole choice known. Every so often the most promising are completed, so
 * that the best one known is good early.
 */
final readonly class TierMix
{
    /** Gains nearer than this, as a share of the best, are the same: sums of fractions are not. */
    private const SAME = 1e-12;

    /** So many of the choices so far are completed after each group. */
    private const COMPLETED = 60;

    /**
     * @param  list<TierGroup>  $groups
     * @param  string  $at pointer to the budget
     *
     * @throws Infeasible if not even the cheapest options keep to the budget
     */
    public static function choose(int|float $budget, array $groups, string $at = '/budget'): ChosenMix
    {
        $least = array_sum(array_map(static fn (TierGroup $group): int => $group->leastCost(), $groups));
        if ($least > $budget) {
            throw Infeasible::under($budget, $least, $at);
        }
        $rungs = array_map(static fn (TierGroup $group): Rungs => Rungs::of($group), $groups);
        $unit = max(1, array_reduce($rungs, static fn (int $unit, Rungs $one): int => $one->commonUnit($unit), 0));
        $taken = self::best(array_map(static fn (Rungs $one): Rungs => $one->inUnits($unit), $rungs), intdiv((int) floor($budget) - $least, $unit));

        return self::chosen($groups, array_map(static fn (Rungs $one, int $option): string => $one->tiers[$option], $rungs, $taken));
    }

    /**
     * @param  list<Rungs>  $groups
     * @return list<int> by group, which of its rungs
     */
    private static function best(array $groups, int $budget): array
    {
        $rest = SteepestFirst::ofEachRest($groups);
        $completion = new Completion($groups);
        [$most, $best] = $completion->of(0, 0.0, 0, $budget);
        // By what a choice so far costs: what it gains, what it went on from, and the rung that was taken.
        $levels = [[0 => [0.0, 0, 0]]];
        foreach ($groups as $at => $group) {
            $level = self::further($levels[$at], $group, $budget);
            $bounds = [];
            foreach ($level as $cost => [$gain]) {
                $bound = $gain + $rest[$at + 1]->most($budget - $cost);
                if ($bound > $most * (1 + self::SAME)) {
                    $bounds[$cost] = $bound;
                }
            }
            $levels[] = $level = array_intersect_key($level, $bounds);
            arsort($bounds);
            foreach (array_keys(array_slice($bounds, 0, self::COMPLETED, true)) as $cost) {
                [$gain, $further] = $completion->of($at + 1, $level[$cost][0], $cost, $budget);
                if ($gain > $most) {
                    [$most, $best] = [$gain, [...self::traced($levels, $cost), ...$further]];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array<int, array{float, int, int}>  $level by cost
     * @return array<int, array{float, int, int}> by cost, rising in cost and in gain
     */
    private static function further(array $level, Rungs $group, int $budget): array
    {
        $next = [];
        foreach ($group->costs as $rung => $more) {
            foreach ($level as $cost => [$gain]) {
                $to = $cost + $more;
                if ($to > $budget) {
                    break;
                }
                $gained = $gain + $group->gains[$rung];
                if (! isset($next[$to]) || $gained > $next[$to][0]) {
                    $next[$to] = [$gained, $cost, $rung];
                }
            }
        }

        return $next === [] ? [] : Undominated::of($next);
    }

    /**
     * @param  non-empty-list<array<int, array{float, int, int}>>  $levels
     * @return list<int> rungs of the groups so far
     */
    private static function traced(array $levels, int $cost): array
    {
        $taken = [];
        for ($at = count($levels) - 1; $at > 0; $at--) {
            [, $from, $rung] = $levels[$at][$cost];
            $taken[] = $rung;
            $cost = $from;
        }

        return array_reverse($taken);
    }

    /**
     * @param  list<TierGroup>  $groups
     * @param  list<string>  $tiers
     */
    private static function chosen(array $groups, array $tiers): ChosenMix
    {
        $choice = [];
        $cost = 0;
        $gain = 0.0;
        foreach ($groups as $at => $group) {
            $option = $group->option($tiers[$at]);
            $choice[$group->id] = $option->tier;
            $cost += $option->cost;
            $gain += $option->gain;
        }

        return new ChosenMix($choice, $cost, $gain);
    }
}
