<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * The steps that decide how much is tidied back: those that soil, those of areas that can be soiled, and those of the whole
 * figure over such areas. Each area is a track on which its steps follow each other; tracks are numbered from 0. What is laid
 * into wet paint is one step here with what it is laid into, under the number of the first.
 */
final readonly class Tracks
{
    /** @var list<non-empty-list<int>> steps by track */
    public array $steps;

    /** @var array<int, int> track by step */
    public array $of;

    /** @var array<int, int> by step, its place on its track from 0 */
    public array $place;

    /** @var array<int, array<int, int>> by step: how many steps of other tracks must be laid before it, by track */
    public array $needs;

    /** @var array<int, array<int, int>> by step: how many steps of a track must be laid for it to be soiled, by track */
    public array $soils;

    /** @var array<int, list<int>> by step: tracks on which it counts as a step */
    public array $clears;

    /** @var array<int, list<float>> minutes of tidying by track, after so many of its steps */
    public array $minutes;

    public function __construct(Steps $steps, PartialOrder $order, Soiling $soiling, WetRuns $wet)
    {
        $tracks = $of = $ofArea = $along = $soils = $clears = [];
        foreach ($steps->byArea as $area => $chain) {
            $along[$area] = $wet->along($chain);
            foreach ($along[$area] as $run) {
                $soiled = array_map(static fn (int $step): array => $soiling->soils[$step] ?? [], $run);
                $cleared = array_unique(array_merge(...array_map(static fn (int $step): array => $soiling->clears[$step] ?? [], $run)));
                if (array_filter($soiled) !== [] || $cleared !== []) {
                    $ofArea[$area] ??= count($ofArea);
                    $of[$run[0]] = $ofArea[$area];
                    $tracks[$ofArea[$area]][] = $run[0];
                    $soils[$run[0]] = self::least($soiled);
                    $clears[$run[0]] = array_values($cleared);
                }
            }
        }
        $this->steps = array_values($tracks);
        $this->of = $of;
        $this->place = self::places($this->steps);
        $this->needs = self::needs($this->steps, $of, $order);
        $this->soils = array_map(static fn (array $from): array => array_combine(
            array_map(static fn (string|int $area): int => $ofArea[$area], array_keys($from)),
            array_map(static fn (string|int $area, int $laid): int => self::runs($along[$area], $laid), array_keys($from), $from),
        ), array_filter($soils));
        $this->clears = array_map(static fn (array $areas): array => array_map(static fn (string|int $area): int => $ofArea[$area], $areas), array_filter($clears));
        $this->minutes = array_combine(
            array_map(static fn (string|int $area): int => $ofArea[$area], array_keys($soiling->minutes)),
            array_map(static fn (string|int $area, array $minutes): array => self::afterEach($along[$area], $minutes), array_keys($soiling->minutes), $soiling->minutes),
        );
    }

    public function count(): int
    {
        return count($this->of);
    }

    /**
     * One step more.
     *
     * @param  array<int, int>  $counts steps laid, by track
     * @param  array<int, true>  $soiled tracks that wait to be tidied
     * @return array{array<int, int>, array<int, true>, array<int, float>} both as they are then, and minutes of tidying by track that it soils
     */
    public function lay(int $step, array $counts, array $soiled): array
    {
        $minutes = [];
        $counts[$this->of[$step]]++;
        foreach ($this->clears[$step] ?? [] as $track) {
            unset($soiled[$track]);
        }
        foreach ($this->soils[$step] ?? [] as $track => $from) {
            if ($counts[$track] >= $from && ! isset($soiled[$track])) {
                $soiled[$track] = true;
                $minutes[$track] = $this->minutes[$track][$counts[$track]];
            }
        }

        return [$counts, $soiled, $minutes];
    }

    /** Whether a step comes before another, as far as the tracks know. */
    public function mustComeBefore(int $first, int $second): bool
    {
        $track = $this->of[$first];

        return $this->place[$first] < ($track === $this->of[$second] ? $this->place[$second] : $this->needs[$second][$track] ?? 0);
    }

    /**
     * What the steps of a run soil, as one.
     *
     * @param  list<array<array-key, int>>  $soiled
     * @return array<array-key, int>
     */
    private static function least(array $soiled): array
    {
        $least = [];
        foreach ($soiled as $areas) {
            foreach ($areas as $area => $from) {
                $least[$area] = min($from, $least[$area] ?? $from);
            }
        }

        return $least;
    }

    /**
     * How many runs of an area it takes until so many of its steps are laid.
     *
     * @param  list<non-empty-list<int>>  $along
     */
    private static function runs(array $along, int $laid): int
    {
        for ($runs = 0; $laid > 0; $runs++) {
            $laid -= count($along[$runs]);
        }

        return $runs;
    }

    /**
     * @param  list<non-empty-list<int>>  $along
     * @param  non-empty-list<float>  $minutes after none of the area's steps, after one, and so on
     * @return non-empty-list<float> after none of its runs, after one, and so on
     */
    private static function afterEach(array $along, array $minutes): array
    {
        $after = [$minutes[0]];
        $laid = 0;
        foreach ($along as $run) {
            $laid += count($run);
            $after[] = $minutes[$laid];
        }

        return $after;
    }

    /**
     * @param  list<non-empty-list<int>>  $tracks
     * @return array<int, int>
     */
    private static function places(array $tracks): array
    {
        $places = [];
        foreach ($tracks as $steps) {
            foreach ($steps as $place => $step) {
                $places[$step] = $place;
            }
        }

        return $places;
    }

    /**
     * @param  list<non-empty-list<int>>  $tracks
     * @param  array<int, int>  $of
     * @return array<int, array<int, int>>
     */
    private static function needs(array $tracks, array $of, PartialOrder $order): array
    {
        $needs = [];
        foreach (array_keys($of) as $step) {
            $needs[$step] = [];
            foreach ($tracks as $track => $others) {
                $before = count(array_filter($others, static fn (int $other): bool => $order->comesBefore($other, $step)));
                if ($track !== $of[$step] && $before > 0) {
                    $needs[$step][$track] = $before;
                }
            }
        }

        return $needs;
    }
}
