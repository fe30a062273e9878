<?php

declare(strict_types=1);

namespace Core\Schedule;

/** The coats of a sheet that figures share which differ in some of its lines: each coat with the figures that do not have it. */
final readonly class SharedCoats
{
    /**
     * @param  array<int, list<int>>  $lacking by coat, places of the figures that do not have it
     */
    private function __construct(
        public Coats $coats,
        public int $figures,
        public array $lacking,
    ) {
    }

    /**
     * @param  non-empty-list<array{coats: Coats, lines: list<int>, figures: list<int>}>  $all of figures that are alike: their coats, which line of the sheet each of their items is, and their places among all figures
     */
    public static function of(array $all): self
    {
        $figures = array_sum(array_map(static fn (array $alike): int => count($alike['figures']), $all));
        $keys = array_map(self::keys(...), $all);
        $places = self::inOrder($keys);
        $coats = $lacking = [];
        foreach ($places as $key => $place) {
            $coats[] = self::joined($all, $keys, $key, $places);
            $without = array_filter($all, static fn (array $alike, int $who): bool => ! isset($keys[$who][$key]), ARRAY_FILTER_USE_BOTH);
            $lacking[$place] = array_merge(...array_column($without, 'figures'));
        }

        return new self(Coats::with($coats), $figures, array_filter($lacking));
    }

    /**
     * @param  array{coats: Coats, lines: list<int>, figures: list<int>}  $alike
     * @return array<string, int> by what a coat is on the sheet, its place among those of these figures
     */
    private static function keys(array $alike): array
    {
        $keys = $times = [];
        foreach ($alike['coats']->all as $place => $coat) {
            $line = $alike['lines'][$coat->item];
            $times[$line] = ($times[$line] ?? -1) + 1;
            $keys[sprintf('%05d %05d %d', $line, $times[$line], $coat->isOneGo ? 1 : 0)] = $place;
        }

        return $keys;
    }

    /**
     * @param  list<array<string, int>>  $keys
     * @return array<string, int> by what a coat is, its place among all
     */
    private static function inOrder(array $keys): array
    {
        $all = array_keys(array_merge(...$keys));
        sort($all, SORT_STRING);

        return array_flip($all);
    }

    /**
     * @param  non-empty-list<array{coats: Coats, lines: list<int>, figures: list<int>}>  $all
     * @param  list<array<string, int>>  $keys
     * @param  array<string, int>  $places
     */
    private static function joined(array $all, array $keys, string $key, array $places): Coat
    {
        $minutes = $figures = $dry = 0.0;
        $after = $behind = $paints = [];
        $isOneGo = false;
        foreach ($all as $who => $alike) {
            if (! isset($keys[$who][$key])) {
                continue;
            }
            $coat = $alike['coats']->all[$keys[$who][$key]];
            $names = array_flip($keys[$who]);
            $placed = static fn (int $place): int => $places[$names[$place]];
            $minutes += $coat->minutes * count($alike['figures']);
            $figures += count($alike['figures']);
            $dry = max($dry, $coat->dry);
            array_push($after, ...array_map($placed, $coat->after));
            array_push($behind, ...array_map($placed, $coat->behind));
            $paints = $coat->paints;
            $isOneGo = $coat->isOneGo;
        }

        return new Coat((int) substr($key, 0, 5), $minutes / max(1.0, $figures), $dry, array_values(array_unique($after)), array_values(array_unique($behind)), $paints, $isOneGo);
    }
}
