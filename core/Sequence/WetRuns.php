<?php

declare(strict_types=1);

namespace Core\Sequence;

use LogicException;

/**
 * Uses that are laid into what is still wet: a decal into a wash, a tuft into paste, a wash that is wiped back. With what
 * they are laid into they are one operation on each figure, and nothing comes between. Only what lies directly under a use on
 * its own area can be wet for it.
 */
final readonly class WetRuns
{
    /**
     * @param  array<int, int>  $into by step that is laid into wet paint, the step whose paint that is
     * @param  array<int, non-empty-list<int>>  $of by step that is laid in one go with others, all of them in order
     */
    private function __construct(
        public array $into,
        private array $of,
    ) {
    }

    public static function of(Steps $steps): self
    {
        $into = $of = [];
        foreach ($steps->byArea as $chain) {
            $run = [$chain[0]->number];
            for ($at = 1; $at <= count($chain); $at++) {
                if (isset($chain[$at]) && in_array($chain[$at - 1]->technique->id, $chain[$at]->technique->wetInto, true)) {
                    $into[$chain[$at]->number] = $chain[$at - 1]->number;
                    $run[] = $chain[$at]->number;

                    continue;
                }
                if (count($run) > 1) {
                    $of += array_fill_keys($run, $run);
                }
                $run = isset($chain[$at]) ? [$chain[$at]->number] : [];
            }
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
        $before = $this->of[$wish->before] ?? [$wish->before];
        $after = $this->of[$wish->after] ?? [$wish->after];
        if ($before !== $after && $wish->force === OrderForce::Whole && $wish->after !== $after[0]) {
            return null;
        }

        return $before === $after ? $wish : new OrderWish($before[count($before) - 1], $after[0], $wish->force, $wish->why);
    }

    /**
     * Steps of an area as they are laid: each by itself, or with what is laid into it while it is wet.
     *
     * @param  non-empty-list<Step>  $chain of the area
     * @return non-empty-list<non-empty-list<int>> numbers of steps
     */
    public function along(array $chain): array
    {
        $along = [];
        foreach ($chain as $step) {
            if (! isset($this->into[$step->number])) {
                $along[] = $this->of[$step->number] ?? [$step->number];
            }
        }

        return $along === [] ? throw new LogicException('The first step of an area has nothing under it.') : $along;
    }

    /** @return list<int> what is laid into a step at once, one after the other */
    public function behind(int $step): array
    {
        $run = $this->of[$step] ?? [$step];

        return array_slice($run, (int) array_search($step, $run, true) + 1);
    }
}
