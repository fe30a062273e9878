<?php

declare(strict_types=1);

namespace Core\Schedule;

/** One coat on one figure, laid without a pause: with what is laid into it while it is wet. Times in minutes. */
final readonly class Coat
{
    /**
     * @param  int  $item of the sheet, from 0; of several that are one go, the first
     * @param  list<int>  $after coats that must be dry before it, by place
     * @param  list<int>  $behind coats that must be laid before it, dry or not, so that nothing is soiled that the order keeps clean
     * @param  list<string>  $paints in turn
     * @param  bool  $isOneGo whether it cannot be broken off, because something is laid into it while it is wet
     */
    public function __construct(
        public int $item,
        public float $minutes,
        public float $dry,
        public array $after,
        public array $behind = [],
        public array $paints = [],
        public bool $isOneGo = false,
    ) {
    }

    /** How often another paint is taken for it, with one in hand. */
    public function changesFrom(string $paint): int
    {
        $changes = 0;
        foreach ($this->paints as $one) {
            $changes += $one === $paint ? 0 : 1;
            $paint = $one;
        }

        return $changes;
    }

    /** The paint that is in hand after it. */
    public function paintAfter(string $paint): string
    {
        return $this->paints === [] ? $paint : $this->paints[count($this->paints) - 1];
    }

    /**
     * When it may be laid on a figure; null where something must be laid on that before.
     *
     * @param  array<int, array<int, float>>  $dry by coat, from when it is dry on each figure that has it
     */
    public function readyFrom(int $figure, array $dry): ?float
    {
        $from = 0.0;
        foreach ($this->after as $after) {
            if (! isset($dry[$after][$figure])) {
                return null;
            }
            $from = max($from, $dry[$after][$figure]);
        }
        foreach ($this->behind as $behind) {
            if (! isset($dry[$behind][$figure])) {
                return null;
            }
        }

        return $from;
    }
}
