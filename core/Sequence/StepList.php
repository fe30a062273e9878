<?php

declare(strict_types=1);

namespace Core\Sequence;

use Core\Standard\Duplicate;
use Core\Standard\UnknownReference;

/** Steps known by an id, and which of them each waits for. */
final readonly class StepList
{
    /**
     * @param  list<string>  $ids each once
     * @param  list<list<int>>  $before by step, the numbers of those that it waits for
     * @param  list<int>  $order numbers in an order that keeps it
     */
    private function __construct(
        public array $ids,
        public array $before,
        public array $order,
    ) {
    }

    /**
     * @param  list<array{id: string, after: list<string>}>  $steps
     *
     * @throws Duplicate if an id stands twice, among the steps or in what one waits for
     * @throws UnknownReference if a step waits for one that is not there
     * @throws OrderHasCycle if steps wait for each other
     */
    public static function of(array $steps, string $at = ''): self
    {
        $numbers = [];
        foreach ($steps as $i => $step) {
            isset($numbers[$step['id']]) && throw Duplicate::id($step['id'], "{$at}/{$i}/id");
            $numbers[$step['id']] = $i;
        }
        $ids = array_map(static fn (array $step): string => $step['id'], $steps);
        $before = [];
        foreach ($steps as $i => $step) {
            $before[] = self::numbers($step['after'], $numbers, $ids, "{$at}/{$i}/after");
        }

        return new self($ids, $before, self::sorted($ids, $before, $at));
    }

    /** @return list<list<int>> by step, the numbers of those that wait for it */
    public function behind(): array
    {
        $behind = array_fill(0, count($this->ids), []);
        foreach ($this->before as $step => $before) {
            foreach ($before as $other) {
                $behind[$other][] = $step;
            }
        }

        return $behind;
    }

    /**
     * @param  list<string>  $after
     * @param  array<array-key, int>  $numbers
     * @param  list<string>  $ids
     * @return list<int>
     */
    private static function numbers(array $after, array $numbers, array $ids, string $at): array
    {
        $found = [];
        foreach ($after as $i => $id) {
            $number = $numbers[$id] ?? throw UnknownReference::id($id, $ids, "{$at}/{$i}");
            in_array($number, $found, true) && throw Duplicate::id($id, "{$at}/{$i}");
            $found[] = $number;
        }

        return $found;
    }

    /**
     * @param  list<string>  $ids
     * @param  list<list<int>>  $before
     * @return list<int>
     */
    private static function sorted(array $ids, array $before, string $at): array
    {
        $order = [];
        $state = array_fill(0, count($ids), 0);
        foreach (array_keys($ids) as $start) {
            $path = $state[$start] === 0 ? [$start] : [];
            while ($path !== []) {
                $step = $path[count($path) - 1];
                $state[$step] = 1;
                $next = array_values(array_filter($before[$step], static fn (int $other): bool => $state[$other] !== 2))[0] ?? null;
                if ($next === null) {
                    $state[$step] = 2;
                    $order[] = array_pop($path);
                } elseif ($state[$next] === 1) {
                    throw self::ring($next, $path, $ids, $at);
                } else {
                    $path[] = $next;
                }
            }
        }

        return $order;
    }

    /**
     * @param  non-empty-list<int>  $path each waits for the next
     * @param  list<string>  $ids
     */
    private static function ring(int $again, array $path, array $ids, string $at): OrderHasCycle
    {
        $ring = [...array_slice($path, (int) array_search($again, $path, true)), $again];

        return OrderHasCycle::among(array_map(static fn (int $step): string => $ids[$step], array_reverse($ring)), $at);
    }
}
