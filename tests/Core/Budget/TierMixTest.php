<?php

declare(strict_types=1);

namespace Tests\Core\Budget;

use Core\Budget\ChosenMix;
use Core\Budget\Infeasible;
use Core\Budget\TierGroup;
use Core\Budget\TierMix;
use Core\Budget\TierOption;
use Core\Standard\Duplicate;
use Core\Standard\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\IntegerPrograms;
use Tests\Core\Support\OwnSeconds;

/** Which tier for which group, against all choices there are and against an integer solver that knows nothing of ours. */
final class TierMixTest extends TestCase
{
    public function test_a_budget_goes_where_it_is_seen_most(): void
    {
        $groups = [
            self::group('ranks', ['plain' => [20, 10], 'good' => [50, 14]]),
            self::group('leaders', ['plain' => [5, 4], 'good' => [12, 9], 'best' => [30, 13]]),
        ];

        self::assertSame([['ranks' => 'plain', 'leaders' => 'best'], 50, 23.0], self::chosen(TierMix::choose(60, $groups)));
        self::assertSame([['ranks' => 'plain', 'leaders' => 'good'], 32, 19.0], self::chosen(TierMix::choose(49, $groups)));
        self::assertSame([['ranks' => 'good', 'leaders' => 'best'], 80, 27.0], self::chosen(TierMix::choose(80, $groups)));
        self::assertSame([['ranks' => 'plain', 'leaders' => 'plain'], 25, 14.0], self::chosen(TierMix::choose(25.9, $groups)), 'what is under a whole unit buys nothing');
        self::assertSame([[], 0, 0.0], self::chosen(TierMix::choose(0, [])));
    }

    public function test_of_what_gains_the_same_the_cheaper_is_taken_and_what_gains_less_for_more_never(): void
    {
        self::assertSame([['ranks' => 'b'], 3, 5.0], self::chosen(TierMix::choose(9, [self::group('ranks', ['a' => [7, 5], 'b' => [3, 5], 'c' => [8, -2]])])));
    }

    public function test_a_budget_under_the_cheapest_names_the_cheapest(): void
    {
        $groups = [self::group('ranks', ['plain' => [20, 1], 'good' => [15, 0]]), self::group('leaders', ['plain' => [5, 4]])];

        self::assertSame(20, TierMix::choose(20, $groups)->cost);
        $this->expectException(Infeasible::class);
        $this->expectExceptionMessage('is 20 together');
        TierMix::choose(19, $groups);
    }

    public function test_a_tier_stands_once_in_a_group_and_no_cost_is_under_0(): void
    {
        try {
            new TierGroup('ranks', [new TierOption('a', 1, 1), new TierOption('b', 1, 1), new TierOption('a', 2, 1)], '/groups/3');
            self::fail('It was taken.');
        } catch (Duplicate $refusal) {
            self::assertSame('/groups/3/options/2/tier', $refusal->pointer());
        }
        $this->expectException(OutOfRange::class);
        new TierOption('a', -1, 0);
    }

    public function test_it_is_the_best_of_all_choices(): void
    {
        mt_srand(20261130);
        for ($i = 0; $i < 500; $i++) {
            $groups = self::random(mt_rand(1, 6), 5, 60);
            [$least, $most] = self::span($groups);
            $budget = mt_rand($least, $most);
            $chosen = TierMix::choose($budget, $groups);

            self::assertLessThanOrEqual($budget, $chosen->cost);
            self::assertEqualsWithDelta(self::bestOfAll($groups, $budget), $chosen->gain, 1e-9, "figures of round {$i}");
        }
    }

    #[Group('many')]
    public function test_it_gains_what_an_integer_solver_gains(): void
    {
        mt_srand(7);
        $programs = $gains = [];
        for ($i = 0; $i < 12; $i++) {
            $groups = self::random(20, 6, 4000);
            [$least, $most] = self::span($groups);
            $budget = intdiv($least * 2 + $most, 3);
            $gains[] = TierMix::choose($budget, $groups)->gain;
            $programs[] = self::program($groups, $budget);
        }

        self::assertEqualsWithDelta(IntegerPrograms::solved($programs), $gains, 1e-6);
    }

    /** @return iterable<string, array{callable(int, int): float}> gain of the i-th step for its cost */
    public static function largest(): iterable
    {
        yield 'each step gains less than the one before' => [static fn (int $step, int $cost): float => (9 - $step) * 11.7];
        yield 'gains that have nothing to do with costs' => [static fn (int $step, int $cost): float => mt_rand(0, 100000) / 997];
        yield 'gains that are the costs' => [static fn (int $step, int $cost): float => (float) $cost];
    }

    /** @param  callable(int, int): float  $gain */
    #[DataProvider('largest')]
    #[Group('many')]
    public function test_forty_groups_of_eight_up_to_a_million_are_answered_at_once(callable $gain): void
    {
        mt_srand(3);
        $groups = [];
        for ($i = 0; $i < 40; $i++) {
            $options = [];
            $cost = $sum = 0;
            for ($step = 0; $step < 8; $step++) {
                $more = mt_rand(500, 6000);
                $options["t{$step}"] = [$cost += $more, $sum += $gain($step, $more)];
            }
            $groups[] = self::group("g{$i}", $options);
        }
        [$least, $most] = self::span($groups);
        $seconds = OwnSeconds::of(static function () use ($least, $most, $groups): void {
            self::assertCount(40, TierMix::choose(min(1_000_000, intdiv($least + $most, 2)), $groups)->choice);
        });

        // A second is asked for; the bound is wide for a slow machine.
        self::assertLessThan(6.0, $seconds);
    }

    /** @param  non-empty-array<string, array{int, int|float}>  $options cost and gain by tier */
    private static function group(string $id, array $options): TierGroup
    {
        $all = [];
        foreach ($options as $tier => [$cost, $gain]) {
            $all[] = new TierOption($tier, $cost, (float) $gain);
        }

        return new TierGroup($id, $all);
    }

    /** @return array{array<array-key, string>, int, float} */
    private static function chosen(ChosenMix $mix): array
    {
        return [$mix->choice, $mix->cost, $mix->gain];
    }

    /** @return non-empty-list<TierGroup> */
    private static function random(int $count, int $options, int $dearest): array
    {
        $groups = [];
        for ($i = 0; $i < max(1, $count); $i++) {
            $all = [];
            for ($j = 0, $of = mt_rand(1, $options); $j < $of; $j++) {
                $all["t{$j}"] = [mt_rand(0, $dearest), mt_rand(-20, 400) / 8];
            }
            $groups[] = self::group("g{$i}", $all);
        }

        return $groups;
    }

    /**
     * @param  list<TierGroup>  $groups
     * @return array{int, int} the least and the most that they cost
     */
    private static function span(array $groups): array
    {
        $most = array_map(static fn (TierGroup $group): int => max(array_map(static fn (TierOption $option): int => $option->cost, $group->options)), $groups);

        return [array_sum(array_map(static fn (TierGroup $group): int => $group->leastCost(), $groups)), array_sum($most)];
    }

    /** @param  list<TierGroup>  $groups */
    private static function bestOfAll(array $groups, int $budget): float
    {
        if ($groups === []) {
            return 0.0;
        }
        $best = -INF;
        foreach ($groups[0]->options as $option) {
            if ($option->cost <= $budget) {
                $best = max($best, $option->gain + self::bestOfAll(array_slice($groups, 1), $budget - $option->cost));
            }
        }

        return $best;
    }

    /** @param  list<TierGroup>  $groups */
    private static function program(array $groups, int $budget): string
    {
        $gains = $costs = $ones = $names = [];
        foreach ($groups as $i => $group) {
            $of = [];
            foreach ($group->options as $j => $option) {
                $of[] = $names[] = $name = "x{$i}_{$j}";
                $gains[] = sprintf('%+.6f %s', $option->gain, $name);
                $costs[] = sprintf('%+d %s', $option->cost, $name);
            }
            $ones[] = " one{$i}: ".implode(' + ', $of).' = 1';
        }

        return "Maximize\n obj: ".implode(' ', $gains)."\nSubject To\n cost: ".implode(' ', $costs)." <= {$budget}\n".implode("\n", $ones)."\nBinaries\n ".implode(' ', $names)."\nEnd\n";
    }
}
