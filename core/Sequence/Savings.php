<?php

declare(strict_types=1);

namespace Core\Sequence;

/** What the places of steps save: messy work that comes before the paint near it, though nothing says that it must. */
final readonly class Savings
{
    public function __construct(
        private Steps $steps,
        private PartialOrder $order,
        private Soiling $soiling,
    ) {
    }

    /**
     * @param  list<Step>  $order all steps
     * @return array<int, list<Saved>> by step: the messy one, and the one that waited for it
     */
    public function of(array $order): array
    {
        $place = array_flip(array_map(static fn (Step $step): int => $step->number, $order));
        $saved = [];
        foreach ($this->soiling->soils as $messy => $areas) {
            foreach ($areas as $area => $from) {
                $waits = $this->steps->on((string) $area)[$from - 1]->number;
                if ($place[$messy] < $place[$waits] && ! $this->order->comesBefore($messy, $waits)) {
                    $one = new Saved($this->steps->all[$messy], (string) $area, $this->soiling->minutesWhole($area));
                    $saved[$messy][] = $one;
                    $saved[$waits][] = $one;
                }
            }
        }

        return $saved;
    }
}
