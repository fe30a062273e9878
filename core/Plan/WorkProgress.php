<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Schedule\Coat;
use DateTimeImmutable;

/** How far a painter is with one work. Times in minutes from when the plan begins. Each coat is laid in turn on the figures that have it. */
final readonly class WorkProgress
{
    /**
     * @param  array<int, array<int, float>>  $dry by coat, from when each figure is dry there
     * @param  array<int, list<int>>  $open by coat, the figures that have it before them, the next first
     * @param  array<int, float|null>  $ready by coat that some figure has not, from when the next figure may have it; null: something must be laid on it before
     */
    private function __construct(
        public BenchWork $work,
        private array $dry,
        private array $open,
        private array $ready,
    ) {
    }

    public static function of(BenchWork $work, DateTimeImmutable $now): self
    {
        $dry = $open = $ready = [];
        foreach (array_keys($work->coats->all) as $place) {
            $dry[$place] = array_map(static fn (DateTimeImmutable $from): float => ($from->getTimestamp() - $now->getTimestamp()) / 60, $work->laid[$place] ?? []);
            $dry[$place] += array_fill_keys($work->lacking[$place] ?? [], 0.0);
            $open[$place] = $work->open($place);
        }
        foreach ($work->inTurn as $place) {
            if ($open[$place] !== []) {
                $ready[$place] = $work->coats->all[$place]->readyFrom($open[$place][0], $dry);
            }
        }

        return new self($work, $dry, $open, $ready);
    }

    public function isDone(): bool
    {
        return $this->ready === [];
    }

    public function coat(int $place): Coat
    {
        return $this->work->coats->all[$place];
    }

    /** Whether a coat can go on with another figure now. */
    public function mayGoOn(int $place, float $now): bool
    {
        return isset($this->ready[$place]) && $this->ready[$place] <= $now;
    }

    /** @return array{int, float}|null a coat and from when: of what may be laid now the first by rank, else what is dry first; null: nothing is left */
    public function next(float $now): ?array
    {
        $next = null;
        foreach ($this->ready as $place => $from) {
            if ($from !== null && $from <= $now) {
                return [$place, $now];
            }
            if ($from !== null && ($next === null || $from < $next[1])) {
                $next = [$place, $from];
            }
        }

        return $next;
    }

    /**
     * With a coat laid on the next figure, and on those after it while each is ready when the one before is done.
     *
     * @param  float  $done when the first of them is done
     * @param  float  $each minutes that each further one takes
     * @param  float  $until when the last of them must be done
     * @param  float  $before a further one is begun before this
     * @return array{self, int, float} with how many further ones, and when the last is done
     */
    public function laid(int $place, float $done, float $each, float $until, float $before): array
    {
        [$dry, $ready, $coat] = [$this->dry, $this->ready, $this->coat($place)];
        $open = $this->open[$place];
        $further = 0;
        $dry[$place][$open[0]] = $done + $coat->dry;
        // What waits for it is asked when all of them have it: nothing else is taken up meanwhile.
        for ($next = 1; isset($open[$next]); $next++) {
            $from = $coat->readyFrom($open[$next], $dry);
            if ($from === null || $from > $done || $done >= $before || $done + $each > $until) {
                break;
            }
            $done += $each;
            $dry[$place][$open[$next]] = $done + $coat->dry;
            $further++;
        }
        $left = [$place => array_slice($open, $next)] + $this->open;
        if ($left[$place] === []) {
            unset($ready[$place]);
        }
        foreach ([$place, ...$this->work->coats->waiting[$place]] as $other) {
            if (array_key_exists($other, $ready)) {
                $ready[$other] = $this->coat($other)->readyFrom($left[$other][0], $dry);
            }
        }

        return [new self($this->work, $dry, $left, $ready), $further, $done];
    }
}
