<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * Uses that are laid into what is still wet: a decal into a wash, a tuft into paste, a wash that is wiped back. With what
 * they are laid into they are one operation on each figure, and nothing comes between. Only what lies directly under a use on
 * its own area can be wet for it.
 */
final readonly class WetRuns
{
    /**
     * @param  array<int, int>  $into by step that is laid into wet paint, the step whose paint that is
     * @param  array<int, non-empty-list<int>>  $of by step, all that are laid in one go with it, in order; it alone where there are no others
     */
    private function __construct(
        public array $into,
        private array $of,
    ) {
    }

    public static function of(Steps $steps): self
    {
        $into = $runs = $of = [];
        foreach ($steps->byArea as $chain) {
            $first = $chain[0]->number;
            foreach ($chain as $at => $step) {
                if ($at > 0 && in_array($chain[$at - 1]->technique->id, $step->technique->wetInto, true)) {
                    $into[$step->number] = $chain[$at - 1]->number;
                } else {
                    $first = $step->number;
                }
                $runs[$first][] = $step->number;
            }
        }
        foreach ($runs as $run) {
            $of += array_fill_keys($run, $run);
        }

        return new self($into, $of);
    }

    /**
     * What is wished of one step of a run holds for the run: what must come before it comes before all of it, and what must
     * follow, after all of it. Null for what is laid over the whole figure at a stage that falls into the run: it lies on all
     * of it then, for under its first step it would be hidden.
     */
    public function held(OrderWish $wish): ?OrderWish
    {
        $before = $this->of[$wish->before];
        $after = $this->of[$wish->after];
        if ($before !== $after && $wish->force === OrderForce::Whole && $wish->after !== $after[0]) {
            return null;
        }

        return $before === $after ? $wish : new OrderWish($before[count($before) - 1], $after[0], $wish->force, $wish->why, $wish->school);
    }

    /**
     * Steps of an area as they are laid: each by itself, or with what is laid into it while it is wet.
     *
     * @param  list<Step>  $chain of the area
     * @return list<non-empty-list<int>> numbers of steps
     */
    public function along(array $chain): array
    {
        return array_map(fn (Step $first): array => $this->of[$first->number], array_values(array_filter($chain, fn (Step $step): bool => ! isset($this->into[$step->number]))));
    }

    /** @return non-empty-list<int> all that are laid in one go with a step, in order; it alone where there are no others */
    public function with(int $step): array
    {
        return $this->of[$step];
    }

    /** @return list<int> what is laid into a step at once, one after the other */
    public function behind(int $step): array
    {
        return array_slice($this->of[$step], (int) array_search($step, $this->of[$step], true) + 1);
    }
}
