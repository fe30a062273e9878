<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Allowance;

/** The minutes of a tier's uses after a total was spread over them. */
final readonly class SpreadMinutes
{
    /**
     * @param  array<array-key, array<array-key, Allowance>>  $allowances by surface and use
     * @param  float  $size of the figure that the total is of
     * @param  float  $before minutes of the figure till now
     * @param  float  $total minutes that were asked for
     * @param  bool  $isGuess whether no use had minutes, so that coats and steps decide
     */
    public function __construct(
        public array $allowances,
        public float $size,
        public float $before,
        public float $total,
        public bool $isGuess,
    ) {
    }

    public function of(string $surface, string $use): ?Allowance
    {
        return $this->allowances[$surface][$use] ?? null;
    }

    /** Minutes of the figure with what was written down; a little beside the total, for numbers are rounded to be handy. */
    public function on(Composition $figure): float
    {
        return array_sum(array_map($this->onUse(...), $figure->uses));
    }

    public function onUse(ComposedUse $use): float
    {
        $allowance = $this->of($use->area->surface, $use->use->id);

        return $allowance === null ? $use->minutes : $use->minutesAllowed($allowance, $this->size);
    }
}
