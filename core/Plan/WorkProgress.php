<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Schedule\Coat;
use DateTimeImmutable;

/** How far a painter is with one work. Times in minutes from when the plan begins. Figures are alike: each coat is laid on them in turn. */
final readonly class WorkProgress
{
    /**
     * @param  array<int, list<float>>  $dry by coat, from when each figure is dry there
     * @param  array<int, float|null>  $ready by coat that some figure has not, from when the next figure may have it; null: something must be laid on it before
     */
    private function __construct(
        public BenchWork $work,
        private array $dry,
        private array $ready,
    ) {
    }

    public static function of(BenchWork $work, DateTimeImmutable $now): self
    {
        $dry = $ready = [];
        foreach ($work->coats->all as $place => $coat) {
            $dry[$place] = array_map(static fn (DateTimeImmutable $from): float => ($from->getTimestamp() - $now->getTimestamp()) / 60, array_slice($work->laid[$place] ?? [], 0, $work->figures));
        }
        foreach ($work->inTurn as $place) {
            if (count($dry[$place]) < $work->figures) {
                $ready[$place] = $work->coats->all[$place]->readyFrom(count($dry[$place]), $dry);
            }
        }

        return new self($work, $dry, $ready);
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

    /** With a coat laid on the next figure, done at a time. */
    public function laid(int $place, float $end): self
    {
        [$dry, $ready] = [$this->dry, $this->ready];
        $dry[$place][] = $end + $this->coat($place)->dry;
        if (count($dry[$place]) >= $this->work->figures) {
            unset($ready[$place]);
        }
        foreach ([$place, ...$this->work->coats->waiting[$place]] as $other) {
            if (array_key_exists($other, $ready)) {
                $ready[$other] = $this->coat($other)->readyFrom(count($dry[$other]), $dry);
            }
        }

        return new self($this->work, $dry, $ready);
    }
}
