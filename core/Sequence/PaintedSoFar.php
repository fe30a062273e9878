<?php

declare(strict_types=1);

namespace Core\Sequence;

/** Steps laid with some paints, each paint until nothing more of it was ready. */
final readonly class PaintedSoFar
{
    /**
     * @param  array<int, int>  $waiting by step not laid yet, how many it waits for
     * @param  list<int>  $order steps laid
     */
    public function __construct(
        private array $waiting,
        public array $order = [],
    ) {
    }

    /**
     * @param  list<string>  $paints by step
     * @return array<array-key, non-empty-list<int>> steps that may be laid now, by paint
     */
    public function ready(array $paints): array
    {
        $ready = [];
        foreach (array_keys($this->waiting, 0, true) as $step) {
            $ready[$paints[$step]][] = $step;
        }

        return $ready;
    }

    /**
     * With all that can be laid of a paint.
     *
     * @param  non-empty-list<int>  $ready of that paint
     * @param  list<string>  $paints by step
     * @param  list<list<int>>  $behind by step, those that wait for it
     */
    public function with(array $ready, string $paint, array $paints, array $behind): self
    {
        $waiting = $this->waiting;
        $order = $this->order;
        while (($step = array_shift($ready)) !== null) {
            unset($waiting[$step]);
            $order[] = $step;
            foreach ($behind[$step] as $other) {
                if (--$waiting[$other] === 0 && $paints[$other] === $paint) {
                    $ready[] = $other;
                }
            }
        }

        return new self($waiting, $order);
    }

    /** @param  list<string>  $paints by step */
    public function hasLeft(string $paint, array $paints): bool
    {
        foreach (array_keys($this->waiting) as $step) {
            if ($paints[$step] === $paint) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $paints by step
     * @return int how many paints there is something left of
     */
    public function paintsLeft(array $paints): int
    {
        return count(array_unique(array_map(static fn (int $step): string => $paints[$step], array_keys($this->waiting))));
    }

    /** Equal for those with the same left to do. */
    public function key(): string
    {
        return implode(' ', array_keys($this->waiting));
    }
}
