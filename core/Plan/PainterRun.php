<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/**
 * Takes a painter through all their works, sitting by sitting. A coat that was taken up goes over all figures that are ready
 * for it, and a work is stayed with while some of it may be laid and nothing more urgent is; then comes the most urgent work of
 * which something is dry, so that drying is filled with other work. It is waited for where nothing at all can be laid, or not
 * longer than to take another paint and this one again. What dries over night is dry. A coat is broken off when the sitting ends, unless
 * something is laid into it while it is wet: that is left for the next. Nothing is left to chance.
 */
final readonly class PainterRun
{
    private const LEAST = 1e-6;

    /**
     * @param  DateTimeImmutable  $now in the time zone of the bench
     * @param  float  $change minutes to take another paint, at least 0
     */
    public function __construct(
        private BenchHours $hours,
        private DateTimeImmutable $now,
        private float $change = 0.0,
    ) {
    }

    /** @param  list<BenchWork>  $works what is due first goes first; what has no date comes last, else as given */
    public function plan(array $works): PainterPlan
    {
        $works = self::byUrgency($works);
        $all = array_map(fn (BenchWork $work): WorkProgress => WorkProgress::of($work, $this->now), $works);
        $stretches = $sittings = $ends = [];
        $hand = null;
        foreach ($this->hours->sittings($this->now) as $sitting) {
            if (self::areDone($all)) {
                break;
            }
            $sittings[] = $sitting;
            [$all, $hand, $more] = $this->sit($sitting, $all, $hand);
            array_push($stretches, ...$more);
        }
        foreach ($stretches as $stretch) {
            $ends[$stretch->work] = $stretch->until;
        }
        foreach ($all as $one) {
            if ($one->isDone()) {
                $ends[$one->work->id] ??= $this->now;
            } else {
                unset($ends[$one->work->id]);
            }
        }

        return new PainterPlan($stretches, $ends, $sittings);
    }

    /**
     * @param  array<int, WorkProgress>  $all
     * @param  InHand|null  $hand what was broken off, or laid last
     * @return array{array<int, WorkProgress>, InHand|null, list<Stretch>}
     */
    private function sit(Sitting $sitting, array $all, ?InHand $hand): array
    {
        $time = $opened = $this->minutes($sitting->from);
        $end = $opened + $sitting->minutes;
        $paint = '';
        $stretches = $left = [];
        while (($turn = $this->next($all, $left, $hand, $time, $end)) !== null) {
            [$at, $place, $from] = $turn;
            $coat = $all[$at]->coat($place);
            if ($from > $time) {
                $stretches = $this->with($stretches, $all[$at]->work->id, $time, $from, true);
                $time = $from;

                continue;
            }
            $changing = $this->change * $coat->changesFrom($paint);
            $begun = $hand?->isAt($at, $place) === true ? $hand->begun : 0.0;
            $takes = $changing + $coat->minutes - $begun;
            if ($coat->isOneGo && $time + $takes > $end + self::LEAST && $time > $opened) {
                $left[$at] = true;

                continue;
            }
            $until = min($end, $time + $takes);
            $paint = $coat->paintAfter($paint);
            $isDone = $time + $takes <= $end + self::LEAST;
            $hand = new InHand($at, $place, $isDone ? 0.0 : $begun + max(0.0, $until - $time - $changing));
            $changed = min($changing, $until - $time);
            if ($isDone) {
                // It goes on over all figures that are ready, as long as nothing is broken off.
                $again = $this->change * $coat->changesFrom($paint);
                [$all[$at], $further, $until] = $all[$at]->laid($place, $until, $again + $coat->minutes, $end, $end - self::LEAST);
                $changed += $further * $again;
            }
            $stretches = $this->with($stretches, $all[$at]->work->id, $time, $until, false, $changed, $coat->item);
            $time = $until;
        }

        return [$all, $hand, $stretches];
    }

    /**
     * What is taken up next: a work, a coat of it and from when; null where the sitting is over, or nothing of it can be.
     *
     * @param  array<int, WorkProgress>  $all
     * @param  array<int, true>  $left works that are left for the next sitting
     * @return array{int, int, float}|null
     */
    private function next(array $all, array $left, ?InHand $hand, float $time, float $end): ?array
    {
        if ($time >= $end - self::LEAST) {
            return null;
        }
        $isHeld = $hand !== null && ! isset($left[$hand->work]);
        if ($isHeld && ($hand->begun > 0 || $all[$hand->work]->mayGoOn($hand->place, $time))) {
            return [$hand->work, $hand->place, $time];
        }
        $first = null;
        foreach ($all as $at => $one) {
            $next = isset($left[$at]) ? null : $one->next($time);
            if ($next !== null && ($first === null || max($next[1], $time) < $first[2])) {
                $first = [$at, $next[0], max($next[1], $time)];
            }
        }
        $own = $isHeld ? $all[$hand->work]->next($time) : null;
        if ($first !== null && $own !== null && $this->staysWith($all[$hand->work]->work, $own[1] - max($time, $first[2]), $all[$first[0]]->work)) {
            $first = [$hand->work, $own[0], max($own[1], $time)];
        }

        return $first !== null && $first[2] < $end ? $first : null;
    }

    /** @param  float  $later minutes until the work in hand goes on, from when the other could be taken up */
    private function staysWith(BenchWork $inHand, float $later, BenchWork $other): bool
    {
        return $later <= 0 ? $inHand->due == $other->due : $later <= 2 * $this->change;
    }

    /**
     * @param  list<Stretch>  $stretches
     * @return list<Stretch> with one more, or the last one longer
     */
    private function with(array $stretches, string $work, float $from, float $until, bool $isWaiting, float $changing = 0.0, ?int $item = null): array
    {
        $next = new Stretch($work, $this->moment($from), $this->moment($until), $isWaiting, $changing, $item === null ? [] : [$item]);
        $longer = $stretches === [] ? null : $stretches[count($stretches) - 1]->with($next);
        if ($longer === null) {
            return [...$stretches, $next];
        }
        $stretches[count($stretches) - 1] = $longer;

        return $stretches;
    }

    /**
     * @param  list<BenchWork>  $works
     * @return list<BenchWork>
     */
    private static function byUrgency(array $works): array
    {
        usort($works, static fn (BenchWork $one, BenchWork $other): int => [$one->due === null, $one->due] <=> [$other->due === null, $other->due]);

        return $works;
    }

    /** @param  array<int, WorkProgress>  $all */
    private static function areDone(array $all): bool
    {
        foreach ($all as $one) {
            if (! $one->isDone()) {
                return false;
            }
        }

        return true;
    }

    private function minutes(DateTimeImmutable $moment): float
    {
        return ($moment->getTimestamp() - $this->now->getTimestamp()) / 60;
    }

    private function moment(float $minutes): DateTimeImmutable
    {
        return $this->now->modify('+'.(int) round($minutes * 60).' seconds');
    }
}
