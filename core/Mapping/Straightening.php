<?php

declare(strict_types=1);

namespace Core\Mapping;

/**
 * A line with as few corners as keep it within a place of where it was (D. Douglas and T. Peucker, Algorithms for the
 * reduction of the number of points required to represent a digitized line, Cartographica 10, 1973). A line and the same
 * line backwards come out alike.
 */
final readonly class Straightening
{
    /** In places: the steps of a slanting edge are less. */
    private const AWAY = 0.9;

    /**
     * @param  list<array{int, int}>  $line
     * @return list<array{int, int}> its ends with what is needed between them
     */
    public static function of(array $line): array
    {
        if (count($line) < 3) {
            return $line;
        }
        if ($line[0] === $line[count($line) - 1]) {
            return self::ring($line);
        }
        $backwards = $line[0] > $line[count($line) - 1];
        $kept = self::kept($backwards ? array_reverse($line) : $line);

        return $backwards ? array_reverse($kept) : $kept;
    }

    /**
     * A closed line is parted at what lies furthest from its end, the first of those in reading order.
     *
     * @param  non-empty-list<array{int, int}>  $line
     * @return list<array{int, int}>
     */
    private static function ring(array $line): array
    {
        [$x, $y] = $line[0];
        $furthest = $far = 0;
        foreach ($line as $i => $corner) {
            $distance = ($corner[0] - $x) ** 2 + ($corner[1] - $y) ** 2;
            if ($distance > $far || ($distance === $far && $corner < $line[$furthest])) {
                [$furthest, $far] = [$i, $distance];
            }
        }

        return [...array_slice(self::of(array_slice($line, 0, $furthest + 1)), 0, -1), ...self::of(array_slice($line, $furthest))];
    }

    /**
     * @param  list<array{int, int}>  $line
     * @return list<array{int, int}>
     */
    private static function kept(array $line): array
    {
        $keep = [0 => true, count($line) - 1 => true];
        $open = [[0, count($line) - 1]];
        while ($open !== []) {
            [$from, $to] = array_pop($open);
            [$furthest, $far] = [$from, 0.0];
            for ($i = $from + 1; $i < $to; $i++) {
                $away = self::away($line[$i], $line[$from], $line[$to]);
                if ($away > $far) {
                    [$furthest, $far] = [$i, $away];
                }
            }
            if ($far > self::AWAY) {
                $keep[$furthest] = true;
                $open[] = [$from, $furthest];
                $open[] = [$furthest, $to];
            }
        }
        ksort($keep);

        return array_map(static fn (int $at): array => $line[$at], array_keys($keep));
    }

    /**
     * @param  array{int, int}  $corner
     * @param  array{int, int}  $from
     * @param  array{int, int}  $to
     */
    private static function away(array $corner, array $from, array $to): float
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $length = hypot($dx, $dy);

        return $length === 0.0
            ? hypot($corner[0] - $from[0], $corner[1] - $from[1])
            : abs($dx * ($corner[1] - $from[1]) - $dy * ($corner[0] - $from[0])) / $length;
    }
}
