<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * Builds a schedule step by step: at each time the step with the best claim is worked on, model after model, as long as
 * the next one is dry. A claim weighs what is still to come after a step against the minutes lost before it.
 */
final readonly class Dispatching
{
    public function __construct(private Batch $batch)
    {
    }

    /**
     * @param  list<float>  $urgency by step; the larger, the sooner
     * @param  float  $loss how much a minute lost to waiting or setting up weighs against urgency
     * @param  float  $patience minutes that are waited for the next model of the step in hand
     */
    public function schedule(array $urgency, float $loss, float $patience): Schedule
    {
        $bench = Bench::fresh($this->batch);
        while (($step = $this->claimed($bench, $urgency, $loss)) !== null) {
            do {
                $bench = $bench->after($step);
            } while ($bench->waitsFor($step) <= $patience);
        }

        return new Schedule($this->batch, $bench->operations());
    }

    /** @param  list<float>  $urgency */
    private function claimed(Bench $bench, array $urgency, float $loss): ?int
    {
        $best = null;
        $most = -INF;
        foreach ($bench->open() as $step) {
            // A run of many models shares the minutes lost before it.
            $claim = $urgency[$step] - $loss * $bench->lostBefore($step) / $bench->run($step);
            if ($claim > $most) {
                [$best, $most] = [$step, $claim];
            }
        }

        return $best;
    }
}
