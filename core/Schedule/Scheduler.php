<?php

declare(strict_types=1);

namespace Core\Schedule;

/** The shortest schedule that is found for a batch in a part of a second. Nothing is left to chance. */
final readonly class Scheduler
{
    /** Operations that are laid in trying, in all. */
    private const WORK = 60_000;

    private const LOSSES = [0.0, 0.3, 1.0, 3.0, 10.0, 100.0];

    private const PATIENCE = [0.0, 0.5, 1.0];

    /** @param  Bound  $bound of the batch */
    public function shortest(Batch $batch, Bound $bound): Schedule
    {
        if ($batch->steps === []) {
            return new Schedule($batch, []);
        }
        $dispatching = new Dispatching($batch);
        $left = max(12, intdiv(self::WORK, $batch->models * count($batch->steps)));
        $best = null;
        foreach ($this->ways($batch, $bound) as [$urgency, $loss, $patience]) {
            $one = $dispatching->schedule($urgency, $loss, $patience);
            $best = $best === null || $one->isBetterThan($best) ? $one : $best;
            if (--$left <= 0 || $best->makespan <= $bound->minutes + 1e-9) {
                break;
            }
        }
        assert($best !== null);

        return SmallBatch::isOne($batch) ? (new SmallBatch($batch, $bound))->shortest($best) : $best;
    }

    /** @return iterable<array{list<float>, float, float}> urgency by step, weight of a minute lost, patience */
    private function ways(Batch $batch, Bound $bound): iterable
    {
        $setup = array_sum(array_map(static fn (BatchStep $step): float => $step->setup, $batch->steps)) / count($batch->steps);
        for ($turn = 0; ; $turn++) {
            $urgency = array_map(static fn (float $tail, int $i): float => $tail * self::shaken($turn, $i), $bound->tail, array_keys($bound->tail));
            foreach (self::LOSSES as $loss) {
                foreach (self::PATIENCE as $patience) {
                    yield [$urgency, $loss, $patience * $setup];
                }
            }
        }
    }

    /** As it is at first; then by up to a third more or less, ever differently. */
    private static function shaken(int $turn, int $step): float
    {
        return $turn === 0 ? 1.0 : 1.0 + (($turn * 7919 + $step * 104_729 + $turn * $step * 31) % 1000 / 1000 - 0.5) * 0.7;
    }
}
