<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/** What a clock at the bench says of the work between two readings. */
final readonly class ClockReading
{
    /** Minutes from which on a clock was left running: nobody paints one step that long without a pause. Common practice, no source. */
    public const LONGEST = 240.0;

    /** Minutes within which a second reading belongs to the same press: one wash on nine areas is marked nine times. */
    private const SAME_PRESS = 0.1;

    public function __construct(
        private DateTimeImmutable $from,
        private DateTimeImmutable $until,
    ) {
    }

    /** Minutes of work; null where nobody knows, because the clock was left running. */
    public function minutes(): ?float
    {
        $minutes = $this->passed();

        return $minutes > self::LONGEST ? null : $minutes;
    }

    public function isOfSamePress(): bool
    {
        return $this->passed() < self::SAME_PRESS;
    }

    /** A clock that was set back says nothing less than nothing. */
    private function passed(): float
    {
        return max(0.0, ($this->until->getTimestamp() - $this->from->getTimestamp()) / 60);
    }
}
