<?php

declare(strict_types=1);

namespace Core\Scheme;

/**
 * Which rung of one ladder stands for which of another: the pairing that leaves the least to be told. A rung
 * stands only for one of its own role; of two that cost the same, the later ones are paired, for a last light
 * is known by being the last.
 */
final readonly class RungPairs
{
    /** A rung that is another by its paint is one change, as is one more or one fewer; one that is only wider or oftener is less. */
    private const CHANGE = 1.0;

    private const SLIGHT_CHANGE = 0.5;

    /**
     * @param  list<int|null>  $to for each rung of the first ladder its place in the second; null: the second has none for it
     * @param  list<int|null>  $from for each rung of the second its place in the first; null: it came in
     */
    private function __construct(
        public array $to,
        public array $from,
    ) {
    }

    /**
     * @param  list<Rung>  $first
     * @param  list<Rung>  $second
     */
    public static function between(array $first, array $second): self
    {
        $costs = self::costs($first, $second);
        $to = array_fill(0, count($first), null);
        $from = array_fill(0, count($second), null);
        [$i, $j] = [count($first), count($second)];
        while ($i > 0 && $j > 0) {
            $change = self::change($first[$i - 1], $second[$j - 1]);
            if ($change !== null && $costs[$i][$j] === $costs[$i - 1][$j - 1] + $change) {
                $to[--$i] = --$j;
                $from[$j] = $i;
            } elseif ($costs[$i][$j] === $costs[$i - 1][$j] + self::CHANGE) {
                $i--;
            } else {
                $j--;
            }
        }

        return new self(array_values($to), array_values($from));
    }

    /**
     * Rungs of the second ladder that came in, by the place in the first before which they stand.
     *
     * @return array<int, list<int>> places in the second
     */
    public function cameIn(): array
    {
        $before = count($this->to);
        $cameIn = [];
        foreach (array_reverse($this->from, true) as $place => $stood) {
            if ($stood === null) {
                $cameIn[$before] = [$place, ...$cameIn[$before] ?? []];
            } else {
                $before = $stood;
            }
        }

        return $cameIn;
    }

    /**
     * @param  list<Rung>  $first
     * @param  list<Rung>  $second
     * @return non-empty-array<int, non-empty-array<int, float>> of turning the beginning of one into the beginning of the other
     */
    private static function costs(array $first, array $second): array
    {
        $costs = [array_map(static fn (int $j): float => $j * self::CHANGE, range(0, count($second)))];
        foreach ($first as $i => $rung) {
            $costs[$i + 1] = [($i + 1) * self::CHANGE];
            foreach ($second as $j => $other) {
                $change = self::change($rung, $other);
                $costs[$i + 1][$j + 1] = min(
                    $costs[$i][$j + 1] + self::CHANGE,
                    $costs[$i + 1][$j] + self::CHANGE,
                    $change === null ? INF : $costs[$i][$j] + $change,
                );
            }
        }

        return $costs;
    }

    private static function change(Rung $one, Rung $other): ?float
    {
        return match (true) {
            $one->role !== $other->role => null,
            $one->equals($other) => 0.0,
            $one->recipe->equals($other->recipe) => self::SLIGHT_CHANGE,
            default => self::CHANGE,
        };
    }
}
