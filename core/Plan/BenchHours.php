<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Standard\OutOfRange;
use DateTimeImmutable;

/** When somebody sits at the bench: so many minutes on each day of the week, from one time of day on with a break in between, but for days away. */
final readonly class BenchHours
{
    /** Days that are looked ahead: what is not done by then has no date. */
    public const AHEAD = 730;

    /**
     * @param  array<int, float>  $minutes by day of the week, 1 is Monday (ISO 8601); a day that is left out has none. What is wrong is told by its place in a list of the week, Monday at 0
     * @param  int  $begins minutes after midnight
     * @param  list<DaysAway>  $away
     * @param  Pause|null  $pause on days that go on so long; the minutes are those at the bench
     */
    public function __construct(
        public array $minutes,
        public int $begins = 540,
        private array $away = [],
        private ?Pause $pause = null,
    ) {
        foreach ($minutes as $day => $some) {
            if ($day < 1 || $day > 7) {
                throw OutOfRange::outside('day of the week', 'from 1, Monday, to 7', $day, '/minutes/'.($day - 1));
            }
            if ($some < 0 || $some > $this->most()) {
                throw OutOfRange::outside('minutes at the bench', "from 0 to the {$this->most()} that the day has left", $some, '/minutes/'.($day - 1));
            }
        }
        if ($begins < 0 || $begins >= Sitting::MOST) {
            throw OutOfRange::outside('begin of the day', 'from 0 to '.(Sitting::MOST - 1), $begins, '/begins');
        }
    }

    public function none(): bool
    {
        return array_sum($this->minutes) <= 0;
    }

    /** With more on each day on which there is some already, as far as the day goes. */
    public function longer(float $minutes): self
    {
        return new self(array_map(fn (float $some): float => $some > 0 ? min($some + $minutes, $this->most()) : 0.0, $this->minutes), $this->begins, $this->away, $this->pause);
    }

    /**
     * @param  DateTimeImmutable  $now in the time zone of the bench; of a sitting under way, what is left of it comes first
     * @return iterable<Sitting> in order
     */
    public function sittings(DateTimeImmutable $now): iterable
    {
        $midnight = $now->setTime(0, 0);
        for ($day = 0; $day < self::AHEAD; $day++) {
            $date = $midnight->modify("+{$day} days");
            $minutes = $this->minutes[(int) $date->format('N')] ?? 0.0;
            if ($minutes <= 0 || $this->isAway($date)) {
                continue;
            }
            foreach ($this->partsOf($minutes) as $at => [$begins, $part]) {
                $from = $date->setTime(intdiv($begins, 60), $begins % 60);
                $gone = max(0, $now->getTimestamp() - $from->getTimestamp()) / 60;
                if ($gone < $part) {
                    yield new Sitting(max($from, $now), $part - $gone, $at + 1);
                }
            }
        }
    }

    /** @return list<array{int, float}> of a day: minutes after midnight and how many, before the break and after it */
    private function partsOf(float $minutes): array
    {
        $before = $this->pause === null ? $minutes : (float) ($this->pause->at - $this->begins);

        return $this->pause === null || $before <= 0 || $before >= $minutes
            ? [[$this->begins, $minutes]]
            : [[$this->begins, $before], [$this->pause->at + $this->pause->minutes, $minutes - $before]];
    }

    /** Minutes that a day has left, the break taken out. */
    private function most(): float
    {
        return Sitting::MOST - $this->begins - ($this->pause !== null && $this->pause->at > $this->begins ? $this->pause->minutes : 0);
    }

    private function isAway(DateTimeImmutable $day): bool
    {
        foreach ($this->away as $days) {
            if ($days->has($day)) {
                return true;
            }
        }

        return false;
    }
}
