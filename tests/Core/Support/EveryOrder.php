<?php

declare(strict_types=1);

namespace Tests\Core\Support;

/**
 * Every order of a few steps that keeps given edges, and what each takes to tidy: written from the sentences of the
 * contract by trying all, to hold the search of the core against.
 *
 * @phpstan-type HandStep array{
 *   area: string,
 *   technique: string,
 *   group: string,
 *   opaque: bool,
 *   messy: bool,
 *   covers: bool,
 *   minutes: float,
 *   depth: int,
 * }
 */
final readonly class EveryOrder
{
    private const PAINT = ['lay-in', 'shade', 'light', 'detail', 'marking', 'wear', 'base', 'finish', 'tidy'];

    /**
     * @param  list<HandStep>  $steps in the order of composition
     * @param  list<array{int, int}>  $edges the first before the second
     * @param  array<string, list<string>>  $neighbours both ways, of one part
     * @param  array<int, list<string>>  $over areas that a step of the whole figure lies over, by its number
     */
    public function __construct(
        private array $steps,
        private array $edges,
        private array $neighbours,
        private array $over,
        private float $fixed,
        private float $share,
    ) {
    }

    /**
     * @param  array<int, int>  $into by step that stands right after another, that other
     * @return list<int> of the orders with least to tidy the one that is preferred place by place
     */
    public function best(array $into = []): array
    {
        $orders = array_values(array_filter($this->all([]), static fn (array $order): bool => self::isInOneGo($order, $into)));
        $minutes = array_map($this->minutes(...), $orders);
        $least = min($minutes ?: [0.0]);
        $left = array_values(array_filter($orders, static fn (int $i): bool => $minutes[$i] < $least + 1e-9, ARRAY_FILTER_USE_KEY));
        for ($place = 0; count($left) > 1; $place++) {
            $first = min(array_map(fn (array $order): array => $this->preference($order, $place), $left));
            $left = array_values(array_filter($left, fn (array $order): bool => $this->preference($order, $place) === $first));
        }

        return $left[0];
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, int>  $into
     */
    private static function isInOneGo(array $order, array $into): bool
    {
        $place = array_flip($order);
        foreach ($into as $after => $before) {
            if ($place[$after] !== $place[$before] + 1) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $order
     * @return list<int> the smaller comes first
     */
    private function preference(array $order, int $place): array
    {
        $step = $this->steps[$order[$place]];
        $isAgain = $place > 0 && $step['technique'] === $this->steps[$order[$place - 1]]['technique'];

        return [$step['depth'], $isAgain ? 0 : 1, $order[$place]];
    }

    /** @param  list<int>  $order */
    public function minutes(array $order): float
    {
        $minutes = 0.0;
        foreach (array_keys($this->neighbours) as $area) {
            $soiled = false;
            foreach ($order as $at => $number) {
                if ($this->isOn($number, $area)) {
                    $soiled = false;
                } elseif (! $soiled && $this->soils($order, $at, $area)) {
                    $soiled = true;
                    $minutes += $this->tidying(array_slice($order, 0, $at), $area);
                }
            }
        }

        return $minutes;
    }

    /** @param  list<int>  $order */
    private function soils(array $order, int $at, string $area): bool
    {
        $by = $this->steps[$order[$at]];
        if (! $by['messy'] || isset($this->over[$order[$at]]) || ! in_array($by['area'], $this->neighbours[$area], true)) {
            return false;
        }
        $has = false;
        foreach ($order as $place => $number) {
            $step = $this->steps[$number];
            if ($step['area'] !== $area) {
                continue;
            }
            if ($place > $at && ($step['covers'] || $step['technique'] === $by['technique'])) {
                return false;
            }
            $has = $has || ($place < $at && self::isPaint($step));
        }

        return $has;
    }

    /** @param  list<int>  $laid */
    private function tidying(array $laid, string $area): float
    {
        $there = array_filter(array_map(fn (int $number): array => $this->steps[$number], $laid), static fn (array $step): bool => $step['area'] === $area);

        return $this->fixed + $this->share * self::again($there);
    }

    /** @param  HandStep  $step */
    public static function isPaint(array $step): bool
    {
        return in_array($step['group'], self::PAINT, true);
    }

    /**
     * Minutes of what is laid again where an area is tidied: the topmost opaque layer and all above it.
     *
     * @param  array<HandStep>  $laid on the area, in order
     */
    public static function again(array $laid): float
    {
        $minutes = 0.0;
        foreach ($laid as $step) {
            if (in_array($step['group'], ['lay-in', 'shade', 'light', 'detail'], true)) {
                $minutes = ($step['opaque'] ? 0.0 : $minutes) + $step['minutes'];
            }
        }

        return $minutes;
    }

    private function isOn(int $number, string $area): bool
    {
        return isset($this->over[$number]) ? in_array($area, $this->over[$number], true) : $this->steps[$number]['area'] === $area;
    }

    /**
     * @param  list<int>  $begun
     * @return list<list<int>>
     */
    private function all(array $begun): array
    {
        if (count($begun) === count($this->steps)) {
            return [$begun];
        }
        $orders = [];
        foreach (array_diff(array_keys($this->steps), $begun) as $next) {
            $waits = array_filter($this->edges, static fn (array $edge): bool => $edge[1] === $next && ! in_array($edge[0], $begun, true));
            if ($waits === []) {
                array_push($orders, ...$this->all([...$begun, $next]));
            }
        }

        return $orders;
    }
}
