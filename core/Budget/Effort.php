<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\Standard\Duplicate;
use Core\Standard\UnknownReference;

/**
 * Where minutes are best spent, an item only with what it needs. Exact: the items stand so that what needs one comes right
 * behind it, and for each of them and each number of minutes it is known what those behind it gain at most, with it or without all
 * that needs it (the knapsack on a tree; Johnson and Niemi, Mathematics of Operations Research 8, 1983; from memory).
 */
final readonly class Effort
{
    /**
     * @param  list<EffortItem>  $items
     * @param  string  $at pointer to the list
     *
     * @throws Duplicate if an id stands twice
     * @throws UnknownReference if one needs what is not there
     * @throws NeedsInARing if some need each other
     */
    public static function choose(float $budget, array $items, string $at = '/items'): ChosenEffort
    {
        $ids = self::ids($items, $at);
        self::requireNoRing($items, $ids, $at);
        $inTurn = self::inTurn($items, $ids);
        $most = max(0, (int) min(floor($budget), array_sum(array_map(static fn (EffortItem $item): int => $item->minutes, $items))));
        $taken = self::taken($items, $inTurn, $most);
        sort($taken);
        $chosen = array_map(static fn (int $number): EffortItem => $items[$number], $taken);

        return new ChosenEffort(
            array_map(static fn (EffortItem $item): string => $item->id, $chosen),
            array_sum(array_map(static fn (EffortItem $item): int => $item->minutes, $chosen)),
            array_sum(array_map(static fn (EffortItem $item): float => $item->gain, $chosen)),
        );
    }

    /**
     * @param  list<EffortItem>  $items
     * @return array<array-key, int> numbers by id
     */
    private static function ids(array $items, string $at): array
    {
        $ids = [];
        foreach ($items as $i => $item) {
            isset($ids[$item->id]) && throw Duplicate::id($item->id, "{$at}/{$i}/id");
            $ids[$item->id] = $i;
        }
        foreach ($items as $i => $item) {
            if ($item->needs !== null && ! isset($ids[$item->needs])) {
                throw UnknownReference::id($item->needs, array_map(static fn (EffortItem $one): string => $one->id, $items), "{$at}/{$i}/needs");
            }
        }

        return $ids;
    }

    /**
     * @param  list<EffortItem>  $items
     * @param  array<array-key, int>  $ids
     */
    private static function requireNoRing(array $items, array $ids, string $at): void
    {
        $sound = [];
        foreach (array_keys($items) as $start) {
            $path = [];
            for ($number = $start; ! isset($sound[$number]); $number = $ids[$needs]) {
                if (isset($path[$number])) {
                    $ring = array_slice(array_keys($path), (int) array_search($number, array_keys($path), true));

                    throw NeedsInARing::among(array_map(static fn (int $one): string => $items[$one]->id, $ring) ?: [$items[$number]->id], "{$at}/{$start}/needs");
                }
                $path[$number] = true;
                $needs = $items[$number]->needs;
                if ($needs === null) {
                    break;
                }
            }
            $sound += $path;
        }
    }

    /**
     * @param  list<EffortItem>  $items
     * @param  array<array-key, int>  $ids
     * @return list<array{int, int}> numbers, each followed by all that need it; with how many those are, itself among them
     */
    private static function inTurn(array $items, array $ids): array
    {
        $needing = array_fill(0, count($items), []);
        $free = [];
        foreach ($items as $number => $item) {
            if ($item->needs === null) {
                $free[] = $number;
            } else {
                $needing[$ids[$item->needs]][] = $number;
            }
        }
        $order = [];
        $path = array_reverse($free);
        while ($path !== []) {
            $number = array_pop($path);
            $order[] = $number;
            array_push($path, ...array_reverse($needing[$number]));
        }
        $sizes = array_fill(0, count($items), 1);
        foreach (array_reverse($order) as $number) {
            $needs = $items[$number]->needs;
            if ($needs !== null) {
                $sizes[$ids[$needs]] += $sizes[$number];
            }
        }

        return array_map(static fn (int $number): array => [$number, $sizes[$number]], $order);
    }

    /**
     * @param  list<EffortItem>  $items
     * @param  list<array{int, int}>  $inTurn
     * @return list<int> numbers
     */
    private static function taken(array $items, array $inTurn, int $budget): array
    {
        $behind = [count($inTurn) => array_fill(0, $budget + 1, 0.0)];
        for ($place = count($inTurn) - 1; $place >= 0; $place--) {
            [$number, $size] = $inTurn[$place];
            $behind[$place] = self::with($items[$number], $behind[$place + 1], $behind[$place + $size]);
        }
        $taken = [];
        for ($place = 0, $left = $budget; $place < count($inTurn);) {
            [$number, $size] = $inTurn[$place];
            if ($behind[$place][$left] > $behind[$place + $size][$left]) {
                $taken[] = $number;
                $left -= $items[$number]->minutes;
                $place++;
            } else {
                $place += $size;
            }
        }

        return $taken;
    }

    /**
     * @param  list<float>  $next what can be gained behind it, by minutes, once it is taken
     * @param  list<float>  $without where it is not
     * @return list<float>
     */
    private static function with(EffortItem $item, array $next, array $without): array
    {
        foreach ($without as $minutes => $gain) {
            if ($minutes >= $item->minutes && $gain < $next[$minutes - $item->minutes] + $item->gain) {
                $without[$minutes] = $next[$minutes - $item->minutes] + $item->gain;
            }
        }

        return $without;
    }
}
