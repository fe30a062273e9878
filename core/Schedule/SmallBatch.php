<?php

declare(strict_types=1);

namespace Core\Schedule;

/** The shortest schedule of a batch that is small enough to look through every order of its operations. */
final readonly class SmallBatch
{
    private const MODELS = 3;

    private const STEPS = 4;

    public function __construct(
        private Batch $batch,
        private Bound $bound,
    ) {
    }

    public static function isOne(Batch $batch): bool
    {
        return $batch->models <= self::MODELS && count($batch->steps) <= self::STEPS;
    }

    public function shortest(Schedule $known): Schedule
    {
        $seen = [];
        if ($known->makespan > $this->bound->minutes + 1e-9) {
            $models = array_fill(0, $this->batch->models, array_fill(0, count($this->batch->steps), null));
            $this->goOn([], $models, $known, $seen);
        }

        return $known;
    }

    /**
     * @param  list<Operation>  $done
     * @param  array<int, array<int, float|null>>  $ends by model and step; null: not done
     * @param  array<string, list<list<float>>>  $seen by what is done and the step in hand: times and from when on models are ready, none of which is better than another in all
     */
    private function goOn(array $done, array $ends, Schedule &$best, array &$seen): void
    {
        $last = $done === [] ? null : $done[count($done) - 1];
        [$now, $inHand] = [$last->end ?? 0.0, $last?->step];
        if (count($done) === $this->batch->models * count($this->batch->steps)) {
            $one = new Schedule($this->batch, $done);
            $best = $one->isBetterThan($best) ? $one : $best;

            return;
        }
        if ($this->least($ends, $now, $inHand) >= $best->makespan - 1e-9 || $this->isNoBetterThanSeen($ends, $now, $inHand, $seen)) {
            return;
        }
        foreach ($this->next($ends, $now, $inHand) as [$start, $model, $step]) {
            $end = $start + $this->batch->steps[$step]->minutes;
            $this->goOn([...$done, new Operation($step, $model + 1, $start, $end)], array_replace($ends, [$model => array_replace($ends[$model], [$step => $end])]), $best, $seen);
        }
    }

    /**
     * @param  array<int, array<int, float|null>>  $ends
     * @return list<array{float, int, int}> start, model, step; the earliest first
     */
    private function next(array $ends, float $now, ?int $inHand): array
    {
        $next = $tried = [];
        foreach ($ends as $model => $own) {
            // Models on which the same was done at the same times are alike.
            $like = json_encode($own, JSON_THROW_ON_ERROR);
            foreach (isset($tried[$like]) ? [] : $own as $step => $end) {
                $from = $end === null ? $this->from($own, $step) : null;
                if ($from !== null) {
                    $next[] = [max($now + ($inHand === $step ? 0.0 : $this->batch->steps[$step]->setup), $from), $model, $step];
                }
            }
            $tried[$like] = true;
        }
        sort($next);

        return $next;
    }

    /**
     * @param  array<int, float|null>  $own ends on one model
     * @return float|null from when on the step may be done; null: something that it waits for is not done
     */
    private function from(array $own, int $step): ?float
    {
        $from = 0.0;
        foreach ($this->batch->list->before[$step] as $before) {
            if ($own[$before] === null) {
                return null;
            }
            $from = max($from, $own[$before] + $this->batch->steps[$before]->dry);
        }

        return $from;
    }

    /** @param  array<int, array<int, float|null>>  $ends */
    private function least(array $ends, float $now, ?int $inHand): float
    {
        $work = $now;
        $least = 0.0;
        $left = [];
        foreach ($ends as $own) {
            foreach ($own as $step => $end) {
                if ($end === null) {
                    $work += $this->batch->steps[$step]->minutes;
                    $left[$step] = $step === $inHand ? 0.0 : $this->batch->steps[$step]->setup;
                    $least = max($least, ($this->from($own, $step) ?? 0.0) + $this->batch->steps[$step]->minutes + $this->bound->tail[$step]);
                }
            }
        }

        return max($least, $work + array_sum($left));
    }

    /**
     * @param  array<int, array<int, float|null>>  $ends
     * @param  array<string, list<list<float>>>  $seen
     */
    private function isNoBetterThanSeen(array $ends, float $now, ?int $inHand, array &$seen): bool
    {
        $key = ($inHand ?? '-').' ';
        $times = [$now];
        foreach ($ends as $own) {
            foreach ($own as $step => $end) {
                $key .= $end === null ? '0' : '1';
                // What is dry by now is as good as what was dry long ago.
                $times[] = $end === null ? 0.0 : max($now, $end + $this->batch->steps[$step]->dry);
            }
        }
        foreach ($seen[$key] ?? [] as $others) {
            $isNoBetter = array_filter($times, static fn (float $time, int $i): bool => $time < $others[$i] - 1e-9, ARRAY_FILTER_USE_BOTH) === [];
            if ($isNoBetter) {
                return true;
            }
        }
        $seen[$key][] = $times;

        return false;
    }
}
