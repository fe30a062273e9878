<?php

declare(strict_types=1);

namespace Tests\Core\Budget;

use Core\Budget\Effort;
use Core\Budget\EffortItem;
use Core\Budget\NeedsInARing;
use Core\CoreException;
use Core\Standard\Duplicate;
use Core\Standard\OutOfRange;
use Core\Standard\UnknownReference;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\OwnSeconds;

/** Where minutes are best spent, against all choices there are. */
final class EffortTest extends TestCase
{
    public function test_minutes_go_where_they_gain_most_and_nothing_is_taken_without_what_it_needs(): void
    {
        $items = [new EffortItem('eyes', 6, 5.0, 'face'), new EffortItem('face', 10, 8.0), new EffortItem('hem', 12, 9.0), new EffortItem('pupils', 2, 4.0, 'eyes')];

        self::assertSame([['eyes', 'face', 'pupils'], 18, 17.0], self::chosen(18, $items));
        self::assertSame([['hem'], 12, 9.0], self::chosen(15, $items));
        self::assertSame([['face'], 10, 8.0], self::chosen(11.9, $items));
        self::assertSame([['eyes', 'face', 'hem', 'pupils'], 30, 26.0], self::chosen(1000, $items));
        self::assertSame([[], 0, 0.0], self::chosen(0, $items));
        self::assertSame([[], 0, 0.0], self::chosen(5, []));
    }

    public function test_what_gains_nothing_is_left_and_what_costs_a_loss_is_taken_for_what_needs_it(): void
    {
        self::assertSame([[], 0, 0.0], self::chosen(20, [new EffortItem('a', 1, 0.0), new EffortItem('b', 1, -1.0)]));
        self::assertSame([['strip', 'relight'], 9, 3.0], self::chosen(20, [new EffortItem('strip', 5, -2.0), new EffortItem('relight', 4, 5.0, 'strip')]));
        self::assertSame([['free'], 0, 1.0], self::chosen(0, [new EffortItem('free', 0, 1.0)]));
    }

    public function test_what_is_not_sound_is_refused_at_its_place(): void
    {
        self::assertSame([Duplicate::class, '/items/1/id'], self::refused([new EffortItem('a', 1, 1), new EffortItem('a', 1, 1)]));
        self::assertSame([UnknownReference::class, '/items/1/needs'], self::refused([new EffortItem('a', 1, 1), new EffortItem('b', 1, 1, 'c')]));
        self::assertSame([NeedsInARing::class, '/items/0/needs'], self::refused([new EffortItem('a', 1, 1, 'a')]));
        self::assertSame([NeedsInARing::class, '/items/1/needs'], self::refused([new EffortItem('z', 1, 1), new EffortItem('a', 1, 1, 'b'), new EffortItem('b', 1, 1, 'c'), new EffortItem('c', 1, 1, 'b')]));
        self::assertSame([OutOfRange::class, ''], [OutOfRange::class, self::refusal(-1)]);
    }

    public function test_it_is_the_best_of_all_choices(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 400; $round++) {
            $items = [];
            for ($i = 0, $count = mt_rand(1, 10); $i < $count; $i++) {
                $items[] = new EffortItem("i{$i}", mt_rand(0, 12), mt_rand(-12, 60) / 4, $i > 0 && mt_rand(0, 2) > 0 ? 'i'.mt_rand(0, $i - 1) : null);
            }
            shuffle($items);
            $budget = mt_rand(0, 40);
            [$ids, $minutes, $gain] = self::chosen($budget, $items);

            self::assertEqualsWithDelta(self::bestOfAll($items, $budget), $gain, 1e-9, "items of round {$round}");
            self::assertLessThanOrEqual($budget, $minutes);
            foreach ($items as $item) {
                self::assertTrue($item->needs === null || ! in_array($item->id, $ids, true) || in_array($item->needs, $ids, true));
            }
        }
    }

    #[Group('many')]
    public function test_two_hundred_items_and_ten_thousand_minutes_are_answered_at_once(): void
    {
        mt_srand(5);
        $items = [];
        for ($i = 0; $i < 200; $i++) {
            $items[] = new EffortItem("i{$i}", mt_rand(1, 300), mt_rand(1, 1000) / 7, $i % 3 === 0 ? null : 'i'.($i - 1));
        }
        $seconds = OwnSeconds::of(static function () use ($items): void {
            [, $minutes] = self::chosen(10_000, $items);
            self::assertLessThanOrEqual(10_000, $minutes);
        });

        // A second is asked for; the bound is wide for a slow machine.
        self::assertLessThan(6.0, $seconds);
    }

    /**
     * @param  list<EffortItem>  $items
     * @return list<string> what refuses them, and where
     */
    private static function refused(array $items): array
    {
        try {
            Effort::choose(5, $items);
        } catch (CoreException $refusal) {
            return [$refusal::class, $refusal->pointer()];
        }

        return [];
    }

    private static function refusal(int $minutes): string
    {
        try {
            new EffortItem('a', $minutes, 1);
        } catch (OutOfRange $refusal) {
            return $refusal->pointer();
        }

        return 'none';
    }

    /**
     * @param  list<EffortItem>  $items
     * @return array{list<string>, int, float}
     */
    private static function chosen(float $budget, array $items): array
    {
        $chosen = Effort::choose($budget, $items);

        return [$chosen->chosen, $chosen->minutes, $chosen->gain];
    }

    /** @param  list<EffortItem>  $items */
    private static function bestOfAll(array $items, int $budget): float
    {
        $best = 0.0;
        for ($set = 0; $set < 2 ** count($items); $set++) {
            $taken = array_filter($items, static fn (int $i): bool => ($set >> $i & 1) === 1, ARRAY_FILTER_USE_KEY);
            $ids = array_map(static fn (EffortItem $item): string => $item->id, $taken);
            $isWhole = array_filter($taken, static fn (EffortItem $item): bool => $item->needs !== null && ! in_array($item->needs, $ids, true)) === [];
            if ($isWhole && array_sum(array_map(static fn (EffortItem $item): int => $item->minutes, $taken)) <= $budget) {
                $best = max($best, array_sum(array_map(static fn (EffortItem $item): float => $item->gain, $taken)));
            }
        }

        return $best;
    }
}
