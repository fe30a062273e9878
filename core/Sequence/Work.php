<?php

declare(strict_types=1);

namespace Core\Sequence;

/** The steps of one figure in their order, tidying among them. */
final readonly class Work
{
    /** Minutes of tidying back, in all. */
    public float $tidyMinutes;

    /**
     * @param  list<PlannedStep|TidyBack>  $items in order
     * @param  list<GaveWay>  $gaveWay what would have closed a ring with something of greater force
     */
    public function __construct(
        public array $items,
        public array $gaveWay,
    ) {
        $this->tidyMinutes = array_sum(array_map(static fn (PlannedStep|TidyBack $item): float => $item instanceof TidyBack ? $item->minutes : 0.0, $items));
    }

    /** @return list<int> numbers of the steps in their order */
    public function order(): array
    {
        return array_values(array_map(
            static fn (PlannedStep $item): int => $item->step->number,
            array_filter($this->items, static fn (PlannedStep|TidyBack $item): bool => $item instanceof PlannedStep),
        ));
    }
}
