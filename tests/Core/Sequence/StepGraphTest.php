<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Sequence\Constraint;
use Core\Sequence\OrderHasCycle;
use Core\Sequence\Reason;
use Core\Sequence\StepGraph;
use PHPUnit\Framework\TestCase;

final class StepGraphTest extends TestCase
{
    public function test_the_preferred_step_comes_first_among_those_that_may(): void
    {
        $graph = StepGraph::strict(['a', 'b', 'c', 'd'], [self::before('c', 'a')]);

        self::assertSame(['d', 'c', 'a', 'b'], $graph->order(['a' => [1], 'b' => [2], 'c' => [1], 'd' => [0]]));
    }

    public function test_a_ring_names_its_members(): void
    {
        $this->expectException(OrderHasCycle::class);
        $this->expectExceptionMessage('a → b → c → a');
        StepGraph::strict(['a', 'b', 'c'], [self::before('a', 'b'), self::before('b', 'c'), self::before('c', 'a')]);
    }

    public function test_the_later_order_gives_way_where_it_would_close_a_ring(): void
    {
        $graph = StepGraph::givingWay(['a', 'b'], [self::before('a', 'b'), self::before('b', 'a')]);

        self::assertSame(['a', 'b'], $graph->order(['a' => [1], 'b' => [0]]));
        self::assertCount(1, $graph->gaveWay);
    }

    public function test_order_goes_on_through_others(): void
    {
        $graph = StepGraph::strict(['a', 'b', 'c'], [self::before('a', 'b'), self::before('b', 'c')]);

        self::assertTrue($graph->comesBefore('a', 'c'));
        self::assertFalse($graph->comesBefore('c', 'a'));
    }

    public function test_every_constraint_holds_in_the_order_of_random_graphs(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 60; $round++) {
            $steps = array_map(strval(...), range(0, 24));
            $constraints = [];
            for ($i = 0; $i < 80; $i++) {
                $constraints[] = self::before((string) mt_rand(0, 24), (string) mt_rand(0, 24));
            }
            $graph = StepGraph::givingWay($steps, $constraints);
            /** @var array<array-key, int> $place */
            $place = array_flip($graph->order(array_fill_keys($steps, [mt_rand(0, 3)])));
            self::assertCount(25, $place);
            foreach ($steps as $step) {
                foreach ($graph->before($step) as $constraint) {
                    self::assertLessThan($place[$step], $place[$constraint->before]);
                }
            }
        }
    }

    private static function before(string $first, string $second): Constraint
    {
        return new Constraint($first, $second, Reason::Access, '');
    }
}
