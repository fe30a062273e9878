<?php

declare(strict_types=1);

namespace Core\Schedule;

/** A painter in the middle of a batch: what has been done, and which models are ready for which step, from when on. */
final readonly class Bench
{
    /**
     * @param  list<list<array{float, int}>>  $ready by step, models that may be taken up, from when on, the first to be ready first
     * @param  array<int, array<int, int>>  $waiting by model and step, how many steps it still waits for there
     * @param  array<int, array<int, float>>  $from by model and step, from when on it may be taken up
     */
    private function __construct(
        private Batch $batch,
        private array $ready,
        private array $waiting,
        private array $from,
        private ?Operation $last = null,
        private ?self $before = null,
    ) {
    }

    public static function fresh(Batch $batch): self
    {
        $waits = array_map(count(...), $batch->list->before);
        $all = array_map(static fn (int $model): array => [0.0, $model], range(0, $batch->models - 1));

        return new self(
            $batch,
            array_map(static fn (int $before): array => $before === 0 ? $all : [], $waits),
            array_fill(0, $batch->models, $waits),
            array_fill(0, $batch->models, array_fill(0, count($waits), 0.0)),
        );
    }

    /** @return list<int> steps for which some model waits, or will be dry */
    public function open(): array
    {
        return array_keys(array_filter($this->ready));
    }

    /** Minutes of setting up and waiting before the next model of a step, if it came now. */
    public function lostBefore(int $step): float
    {
        $setup = $this->last?->step === $step ? 0.0 : $this->batch->steps[$step]->setup;

        return max($setup, $this->ready[$step][0][0] - $this->now());
    }

    /** Minutes of waiting for the next model of the step in hand; none left: endless. */
    public function waitsFor(int $step): float
    {
        return isset($this->ready[$step][0]) ? max(0.0, $this->ready[$step][0][0] - $this->now()) : INF;
    }

    /** @return int models that can be taken one after the other without waiting, once the first is; at least 1 */
    public function run(int $step): int
    {
        $time = $this->now() + $this->lostBefore($step);
        $run = 0;
        foreach ($this->ready[$step] as [$from]) {
            if ($from > $time) {
                break;
            }
            $time += $this->batch->steps[$step]->minutes;
            $run++;
        }

        return max(1, $run);
    }

    /** With the next model of a step done. */
    public function after(int $step): self
    {
        $start = $this->now() + $this->lostBefore($step);
        [$ready, $waiting, $from] = [$this->ready, $this->waiting, $this->from];
        $model = $ready[$step][0][1];
        $ready[$step] = array_slice($ready[$step], 1);
        $end = $start + $this->batch->steps[$step]->minutes;
        foreach ($this->batch->behind[$step] as $next) {
            $from[$model][$next] = max($from[$model][$next], $end + $this->batch->steps[$step]->dry);
            if (--$waiting[$model][$next] === 0) {
                $ready[$next] = self::inLine($ready[$next], $from[$model][$next], $model);
            }
        }

        return new self($this->batch, $ready, $waiting, $from, new Operation($step, $model + 1, $start, $end), $this);
    }

    /** @return list<Operation> in order */
    public function operations(): array
    {
        $operations = [];
        for ($at = $this; $at !== null && $at->last !== null; $at = $at->before) {
            $operations[] = $at->last;
        }

        return array_reverse($operations);
    }

    private function now(): float
    {
        return $this->last->end ?? 0.0;
    }

    /**
     * @param  list<array{float, int}>  $line
     * @return list<array{float, int}>
     */
    private static function inLine(array $line, float $from, int $model): array
    {
        $place = count($line);
        while ($place > 0 && $line[$place - 1][0] > $from) {
            $place--;
        }
        array_splice($line, $place, 0, [[$from, $model]]);

        return $line;
    }
}
