<?php

declare(strict_types=1);

namespace Core\Sequence;

/**
 * An order of steps with as few changes of paint as can be; the first paint counts as one. Whatever is ready for the
 * paint in hand is laid at once, and a paint of which nothing would be left is taken up at once: neither ever costs a
 * change. Proven fewest up to fourteen steps, and beyond while no more beginnings are alive than are kept.
 */
final readonly class FewestChanges
{
    private const PROVEN_TO = 14;

    /** Beginnings of larger lists that are kept with one number of changes. */
    private const KEPT = 400;

    /** @var list<list<int>> by step, those that wait for it */
    private array $behind;

    /** @param  list<string>  $paints by step */
    public function __construct(
        private StepList $steps,
        private array $paints,
    ) {
        $this->behind = $steps->behind();
    }

    /** @return list<int> numbers of the steps */
    public function order(): array
    {
        $many = count($this->paints);
        $begun = [new PaintedSoFar(array_map(count(...), $this->steps->before))];
        while (count($begun[0]->order) < $many) {
            $longer = [];
            foreach ($begun as $one) {
                foreach ($this->goneOn($one) as $next) {
                    $longer[$next->key()] ??= $next;
                }
            }
            $begun = $this->best($longer);
        }

        return $begun[0]->order;
    }

    /**
     * @param  array<string, PaintedSoFar>  $begun
     * @return non-empty-list<PaintedSoFar> first those with the fewest paints left, then those with the most laid
     */
    private function best(array $begun): array
    {
        $rank = array_map(fn (PaintedSoFar $one): array => [$one->paintsLeft($this->paints), -count($one->order)], $begun);
        asort($rank);
        $best = [];
        foreach (array_keys($rank) as $key) {
            $best[] = $begun[$key];
        }

        $kept = count($this->paints) <= self::PROVEN_TO ? $best : array_slice($best, 0, self::KEPT);

        return $kept === [] ? throw new \LogicException('Steps without a ring can always be gone on with.') : $kept;
    }

    /** @return list<PaintedSoFar> with one paint more */
    private function goneOn(PaintedSoFar $begun): array
    {
        $next = [];
        foreach ($begun->ready($this->paints) as $paint => $ready) {
            $one = $begun->with($ready, (string) $paint, $this->paints, $this->behind);
            if (! $one->hasLeft((string) $paint, $this->paints)) {
                return [$one];
            }
            $next[] = $one;
        }

        return $next;
    }

    /** @param  list<int>  $order */
    public function changes(array $order): int
    {
        $changes = 0;
        $last = null;
        foreach ($order as $step) {
            $changes += $this->paints[$step] === $last ? 0 : 1;
            $last = $this->paints[$step];
        }

        return $changes;
    }
}
