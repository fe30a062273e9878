<?php

declare(strict_types=1);

namespace Core\Schedule;

/** One painter's work on a batch, operation by operation. */
final readonly class Schedule
{
    /** End of the last operation; the drying of last steps does not count. */
    public float $makespan;

    /** Minutes of all setups. */
    public float $setups;

    /** Minutes in which nothing can be done but wait. */
    public float $idle;

    /** @param  list<Operation>  $operations in order */
    public function __construct(
        private Batch $batch,
        public array $operations,
    ) {
        $setups = 0.0;
        $last = null;
        foreach ($operations as $operation) {
            $setups += $operation->step === $last ? 0.0 : $batch->steps[$operation->step]->setup;
            $last = $operation->step;
        }
        $this->setups = $setups;
        $this->makespan = $operations === [] ? 0.0 : $operations[count($operations) - 1]->end;
        $this->idle = max(0.0, $this->makespan - $batch->work - $setups);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->makespan < $other->makespan - 1e-9 && $this->batch === $other->batch;
    }
}
