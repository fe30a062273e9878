<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Among orders with as little to tidy: at each place the least depth, then the technique just used, then as composed.
 */
final readonly class InnerFirst
{
    /** @param  list<int>  $least an order of the steps of the tracks with as little to tidy as can be */
    public function __construct(
        private Steps $steps,
        private PartialOrder $order,
        private Tracks $tracks,
        private WetRuns $wet,
        private InOneGo $together,
        private LeastTidying $tidying,
        private array $least,
    ) {
    }

    /** @return list<Step> all steps */
    public function order(): array
    {
        $waiting = array_map(count(...), $this->order->into);
        $behind = $this->behind();
        $laid = LaidSoFar::nothing($this->tracks);
        $rest = $this->least;
        $allowed = (new TidiedOrder($this->tracks, $rest))->minutes;
        $order = [];
        for ($ready = array_keys($waiting, 0, true); $ready !== []; $ready = array_diff([...$ready, ...$freed], $run)) {
            [$step, $rest] = $this->next($ready, $order === [] ? null : $order[count($order) - 1], $rest, $laid, $allowed);
            $run = $this->run($step);
            foreach ($this->tracked($run) as $one) {
                $laid = $laid->after($one);
            }
            $freed = [];
            foreach ($run as $one) {
                $order[] = $this->steps->all[$one];
                foreach ($behind[$one] ?? [] as $other) {
                    if (--$waiting[$other] === 0) {
                        $freed[] = $other;
                    }
                }
            }
        }

        return $order;
    }

    /**
     * @param  non-empty-array<int>  $ready
     * @param  list<int>  $rest
     * @return array{int, list<int>} the step, and what is then left of the steps of the tracks, in an order with least to tidy
     */
    private function next(array $ready, ?Step $last, array $rest, LaidSoFar $laid, float $allowed): array
    {
        foreach ($this->preferred($ready, $last) as $step) {
            $then = $this->without($step, $rest, $laid, $allowed);
            if ($then !== null) {
                return [$step, $then];
            }
        }

        throw new \LogicException('The first step of the least order, or one that it waits for, is always ready.');
    }

    /**
     * What is left of the least order when a step comes now; null where more would have to be tidied then.
     *
     * @param  list<int>  $rest
     * @return list<int>|null
     */
    private function without(int $step, array $rest, LaidSoFar $laid, float $allowed): ?array
    {
        $tracked = $this->tracked($this->run($step));
        $others = array_values(array_diff($rest, $tracked));
        if ($tracked === [] || $tracked[0] === $rest[0]) {
            return $others;
        }
        $next = $laid;
        foreach ($tracked as $one) {
            $next = $next->after($one);
        }
        if (self::fits($others, $next, $allowed)) {
            return $others;
        }

        return count($this->steps->all) > LeastTidying::PROVEN_TO ? null : $this->tidying->orderWithin($allowed, $next);
    }

    /** @return non-empty-list<int> what is laid at once with a step: inner areas of a go before outer ones, and into what is wet */
    private function run(int $step): array
    {
        $go = array_values(array_diff($this->together->with($step), [$step]));
        usort($go, fn (int $a, int $b): int => [$this->steps->all[$a]->area->depth, $a] <=> [$this->steps->all[$b]->area->depth, $b]);

        return [$step, ...$go, ...$this->wet->behind($step)];
    }

    /**
     * @param  list<int>  $run
     * @return list<int> those of which the tracks know
     */
    private function tracked(array $run): array
    {
        return array_values(array_filter($run, fn (int $step): bool => isset($this->tracks->of[$step])));
    }

    /**
     * Whether these steps, one after the other, leave no more to tidy than is allowed in all.
     *
     * @param  list<int>  $steps
     */
    private static function fits(array $steps, LaidSoFar $laid, float $allowed): bool
    {
        foreach ($steps as $step) {
            if ($laid->minutes > $allowed + 1e-9) {
                return false;
            }
            $laid = $laid->after($step);
        }

        return $laid->minutes <= $allowed + 1e-9;
    }

    /**
     * @param  non-empty-array<int>  $ready
     * @return non-empty-list<int>
     */
    private function preferred(array $ready, ?Step $last): array
    {
        $key = fn (int $step): array => [$this->steps->all[$step]->area->depth, $this->steps->all[$step]->technique->id === $last?->technique->id ? 0 : 1, $step];
        usort($ready, static fn (int $a, int $b): int => $key($a) <=> $key($b));

        return $ready;
    }

    /** @return array<int, list<int>> by step, those that wait for it */
    private function behind(): array
    {
        $behind = [];
        foreach ($this->order->into as $step => $wishes) {
            foreach ($wishes as $wish) {
                $behind[$wish->before][] = $step;
            }
        }

        return $behind;
    }
}
