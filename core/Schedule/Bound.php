<?php

declare(strict_types=1);

namespace Core\Schedule;

/**
 * Minutes that no schedule of a batch is under. The work of any steps, with one setup each, lies between the earliest
 * that one of them can begin and the least that is still to come after one of them ends; the best of many such choices
 * of steps is taken. A bound of one machine with heads and tails (Carlier 1982), here from memory.
 */
final readonly class Bound
{
    /** @var list<float> by step, the earliest that it can begin on any model */
    public array $head;

    /** @var list<float> by step, the least from its end on a model until that model is done */
    public array $tail;

    public float $minutes;

    public function __construct(private Batch $batch)
    {
        $this->head = self::heads($batch);
        $this->tail = self::tails($batch);
        $this->minutes = $this->best();
    }

    private function best(): float
    {
        // From when on its setup is not too early: the first step of a choice is set up for before it begins.
        $from = array_map(fn (float $head, BatchStep $step): float => $head - $step->setup, $this->head, $this->batch->steps);
        $best = 0.0;
        foreach (array_unique($from) as $least) {
            foreach (array_unique($this->tail) as $tail) {
                $best = max($best, $this->between($from, $least, $tail));
            }
        }

        return $best;
    }

    /**
     * Of the steps that cannot be begun before one time and have so much to come after them.
     *
     * @param  list<float>  $from
     */
    private function between(array $from, float $least, float $tail): float
    {
        $work = 0.0;
        foreach ($this->batch->steps as $i => $step) {
            $work += $from[$i] >= $least && $this->tail[$i] >= $tail ? $this->batch->models * $step->minutes + $step->setup : 0.0;
        }

        return $work === 0.0 ? 0.0 : $least + $work + $tail;
    }

    /** @return list<float> */
    private static function heads(Batch $batch): array
    {
        $heads = array_fill(0, count($batch->steps), 0.0);
        foreach ($batch->list->order as $i) {
            $heads[$i] = $batch->steps[$i]->setup;
            foreach ($batch->list->before[$i] as $before) {
                $heads[$i] = max($heads[$i], $heads[$before] + $batch->steps[$before]->minutes + self::gap($batch, $before, $i));
            }
        }

        return array_values($heads);
    }

    /** @return list<float> */
    private static function tails(Batch $batch): array
    {
        $tails = array_fill(0, count($batch->steps), 0.0);
        foreach (array_reverse($batch->list->order) as $i) {
            foreach ($batch->behind[$i] as $behind) {
                $tails[$i] = max($tails[$i], self::gap($batch, $i, $behind) + $batch->steps[$behind]->minutes + $tails[$behind]);
            }
        }

        return array_values($tails);
    }

    /** Between two steps on one model: it dries, and the painter sets up for the second, which was another step. */
    private static function gap(Batch $batch, int $first, int $second): float
    {
        return max($batch->steps[$first]->dry, $batch->steps[$second]->setup);
    }
}
