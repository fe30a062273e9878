<?php

declare(strict_types=1);

namespace Core\Sequence;

/** Steps and what must come before what, without any ring. */
final readonly class StepGraph
{
    /**
     * @param  array<array-key, array<array-key, Constraint>>  $into constraints by the step that waits, then by the one before
     * @param  array<array-key, array<array-key, true>>  $outOf
     * @param  list<Constraint>  $gaveWay orders left out because they would have closed a ring
     */
    private function __construct(
        private array $into,
        private array $outOf,
        public array $gaveWay,
    ) {
    }

    /**
     * @param  list<string>  $steps ids, each once
     * @param  iterable<Constraint>  $constraints
     *
     * @throws OrderHasCycle if they close a ring
     */
    public static function strict(array $steps, iterable $constraints): self
    {
        $graph = self::givingWay($steps, $constraints);
        foreach ($graph->gaveWay as $constraint) {
            throw OrderHasCycle::among([...self::path($graph->outOf, $constraint->after, $constraint->before), $constraint->after]);
        }

        return $graph;
    }

    /**
     * An earlier order holds over a later one with which it would close a ring.
     *
     * @param  list<string>  $steps ids, each once
     * @param  iterable<Constraint>  $constraints
     */
    public static function givingWay(array $steps, iterable $constraints): self
    {
        $into = $outOf = array_fill_keys($steps, []);
        $gaveWay = [];
        foreach ($constraints as $constraint) {
            if (self::path($outOf, $constraint->after, $constraint->before) !== []) {
                $gaveWay[] = $constraint;

                continue;
            }
            $into[$constraint->after][$constraint->before] ??= $constraint;
            $outOf[$constraint->before][$constraint->after] = true;
        }

        return new self($into, $outOf, $gaveWay);
    }

    /** @return list<Constraint> what this step waits for */
    public function before(string $step): array
    {
        return array_values($this->into[$step]);
    }

    /** Whether one step must come before another, directly or through others; a step counts as before itself. */
    public function comesBefore(string $first, string $second): bool
    {
        return self::path($this->outOf, $first, $second) !== [];
    }

    /**
     * An order that keeps every constraint and, among the steps that may come next, takes the one
     * that is preferred.
     *
     * @param  array<array-key, list<int>>  $preference by step; the smaller, compared entry by entry, comes first
     * @return list<string>
     */
    public function order(array $preference): array
    {
        $waiting = array_map(count(...), $this->into);
        $order = [];
        while ($waiting !== []) {
            $ready = array_keys($waiting, 0, true);
            usort($ready, static fn (string|int $a, string|int $b): int => $preference[$a] <=> $preference[$b]);
            $next = $ready[0];
            unset($waiting[$next]);
            foreach (array_keys($this->outOf[$next]) as $freed) {
                $waiting[$freed]--;
            }
            $order[] = (string) $next;
        }

        return $order;
    }

    /**
     * @param  array<array-key, array<array-key, true>>  $outOf
     * @return list<string> steps from the first to the last, both with them; empty when there is no way
     */
    private static function path(array $outOf, string $first, string $last): array
    {
        $cameFrom = [$first => null];
        $toVisit = [$first];
        while ($toVisit !== []) {
            $step = array_pop($toVisit);
            if ((string) $step === $last) {
                return self::walkBack($cameFrom, $step);
            }
            foreach (array_keys($outOf[$step]) as $next) {
                if (! array_key_exists($next, $cameFrom)) {
                    $cameFrom[$next] = $step;
                    $toVisit[] = $next;
                }
            }
        }

        return [];
    }

    /**
     * @param  array<array-key, string|int|null>  $cameFrom
     * @return list<string>
     */
    private static function walkBack(array $cameFrom, string|int $step): array
    {
        $path = [];
        for ($at = $step; $at !== null; $at = $cameFrom[$at]) {
            array_unshift($path, (string) $at);
        }

        return $path;
    }
}
