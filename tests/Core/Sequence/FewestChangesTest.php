<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Sequence\FewestChanges;
use Core\Sequence\OrderHasCycle;
use Core\Sequence\StepList;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** As few changes of paint as can be: by hand, and held against a search of every way. */
final class FewestChangesTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, string, list<string>}>, list<string>, int}> id, paint, what it waits for */
    public static function cases(): iterable
    {
        yield 'nothing' => [[], [], 0];
        yield 'the first paint counts' => [[['coat', 'blue', []]], ['coat'], 1];
        yield 'one paint is used up before the next' => [[['coat', 'blue', []], ['belt', 'brown', []], ['hat', 'blue', []]], ['coat', 'hat', 'belt'], 2];
        yield 'a paint is taken up again where it must' => [[['coat', 'blue', []], ['belt', 'brown', ['coat']], ['patch', 'blue', ['belt']]], ['coat', 'belt', 'patch'], 3];
        yield 'the other paint first, so that blue is taken up once' => [[['hat', 'blue', []], ['belt', 'brown', []], ['coat', 'blue', ['belt']]], ['belt', 'hat', 'coat'], 2];
    }

    /**
     * @param  list<array{string, string, list<string>}>  $steps
     * @param  list<string>  $order
     */
    #[DataProvider('cases')]
    public function test_by_hand(array $steps, array $order, int $changes): void
    {
        [$list, $fewest] = self::of($steps);
        $found = $fewest->order();

        self::assertSame($changes, $fewest->changes($found));
        self::assertSame($order, array_map(static fn (int $step): string => $list->ids[$step], $found));
    }

    public function test_no_way_of_up_to_fourteen_steps_has_fewer(): void
    {
        for ($seed = 0; $seed < 200; $seed++) {
            mt_srand($seed);
            [$list, $fewest, $paints] = self::of(self::random(3 + $seed % 12, 2 + $seed % 5));

            self::assertSame(self::everyWay($list->before, $paints), $fewest->changes($fewest->order()), "list {$seed}");
        }
    }

    public function test_sixty_steps_keep_what_they_wait_for(): void
    {
        mt_srand(3);
        [$list, $fewest] = self::of(self::random(60, 9));
        $place = array_flip($fewest->order());

        self::assertCount(60, $place);
        foreach ($list->before as $step => $before) {
            foreach ($before as $other) {
                self::assertLessThan($place[$step], $place[$other]);
            }
        }
    }

    public function test_a_ring_names_its_members_in_their_order(): void
    {
        $this->expectException(OrderHasCycle::class);
        $this->expectExceptionMessage('c → a → b → c');
        self::of([['d', 'x', ['c']], ['a', 'x', ['c']], ['b', 'x', ['a']], ['c', 'x', ['b']]]);
    }

    public function test_a_step_that_waits_for_itself_is_a_ring(): void
    {
        $this->expectExceptionMessage('a → a');
        self::of([['a', 'x', ['a']]]);
    }

    /**
     * @param  list<array{string, string, list<string>}>  $steps
     * @return array{StepList, FewestChanges, list<string>}
     */
    private static function of(array $steps): array
    {
        $list = StepList::of(array_map(static fn (array $step): array => ['id' => $step[0], 'after' => $step[2]], $steps));
        $paints = array_column($steps, 1);

        return [$list, new FewestChanges($list, $paints), $paints];
    }

    /** @return list<array{string, string, list<string>}> */
    private static function random(int $many, int $paints): array
    {
        $steps = [];
        for ($i = 0; $i < $many; $i++) {
            $after = array_filter(range(0, max(0, $i - 1)), static fn (int $j): bool => $j < $i && $i - $j < 9 && mt_rand(0, 3) === 0);
            $steps[] = ["s{$i}", 'p'.mt_rand(1, $paints), array_map(static fn (int $j): string => "s{$j}", array_values($after))];
        }

        return $steps;
    }

    /**
     * Changes of the best way: all that can be reached with none, then with one, and so on.
     *
     * @param  list<list<int>>  $before
     * @param  list<string>  $paints
     */
    private static function everyWay(array $before, array $paints): int
    {
        $all = (1 << count($paints)) - 1;
        $now = ['0 ' => [0, '']];
        for ($changes = 0; ; $changes++) {
            $then = [];
            for ($open = array_values($now); ($at = array_pop($open)) !== null;) {
                [$laid, $paint] = $at;
                if ($laid === $all) {
                    return $changes;
                }
                foreach ($paints as $step => $own) {
                    $waits = array_filter($before[$step], static fn (int $other): bool => ($laid >> $other & 1) === 0);
                    $next = [$laid | 1 << $step, $own];
                    if ($laid >> $step & 1 || $waits !== [] || isset($now[implode(' ', $next)])) {
                        continue;
                    }
                    if ($own === $paint) {
                        $now[implode(' ', $next)] = $open[] = $next;
                    } else {
                        $then[implode(' ', $next)] = $next;
                    }
                }
            }
            $now = $then;
        }
    }
}
