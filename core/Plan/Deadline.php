<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/** The day for which a job is promised, seen from another day. Both are days of the studio's own calendar. */
final readonly class Deadline
{
    private DateTimeImmutable $due;

    private DateTimeImmutable $today;

    /** A job that is due today is in time until the day is over; at noon no clock is changed. */
    public function __construct(DateTimeImmutable $due, DateTimeImmutable $today)
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $today->format('Y-m-d')));
        $this->due = $due->setTime(12, 0);
        $this->today = $due->setDate($year, $month, $day)->setTime(12, 0);
    }

    /** @return int in days; 0 today, less than 0 once the day is over */
    public function daysLeft(): int
    {
        return (int) $this->today->diff($this->due)->format('%r%a');
    }

    /** Whether the day is over and something is not signed off yet. */
    public function isMissed(int $figures, int $signed): bool
    {
        return $this->daysLeft() < 0 && $signed < $figures;
    }
}
