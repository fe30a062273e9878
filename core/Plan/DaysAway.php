<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/** Whole days on which somebody is not at the bench. */
final readonly class DaysAway
{
    private string $first;

    private string $last;

    /** @throws DaysBackwards if the last day is before the first */
    public function __construct(DateTimeImmutable $first, DateTimeImmutable $last)
    {
        [$this->first, $this->last] = [$first->format('Y-m-d'), $last->format('Y-m-d')];
        if ($this->last < $this->first) {
            throw DaysBackwards::from($this->first, $this->last);
        }
    }

    public function has(DateTimeImmutable $day): bool
    {
        return $day->format('Y-m-d') >= $this->first && $day->format('Y-m-d') <= $this->last;
    }
}
