<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Standard\OutOfRange;
use DateTimeImmutable;

/** When somebody sits at the bench: so many minutes on each day of the week, from one time of day on, but for days away. */
final readonly class BenchHours
{
    /** Days that are looked ahead: what is not done by then has no date. */
    public const AHEAD = 730;

    /**
     * @param  array<int, float>  $minutes by day of the week, 1 is Monday (ISO 8601); a day that is left out has none. What is wrong is told by its place in a list of the week, Monday at 0
     * @param  int  $begins minutes after midnight
     * @param  list<DaysAway>  $away
     */
    public function __construct(
        public array $minutes,
        public int $begins = 540,
        private array $away = [],
    ) {
        foreach ($minutes as $day => $some) {
            if ($day < 1 || $day > 7) {
                throw OutOfRange::outside('day of the week', 'from 1, Monday, to 7', $day, '/minutes/'.($day - 1));
            }
            if ($some < 0 || $some > Sitting::MOST - $begins) {
                throw OutOfRange::outside('minutes at the bench', 'from 0 to the '.(Sitting::MOST - $begins).' that the day has left', $some, '/minutes/'.($day - 1));
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
        return new self(array_map(fn (float $some): float => $some > 0 ? min($some + $minutes, Sitting::MOST - $this->begins) : 0.0, $this->minutes), $this->begins, $this->away);
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
            $from = $date->setTime(intdiv($this->begins, 60), $this->begins % 60);
            $gone = max(0, $now->getTimestamp() - $from->getTimestamp()) / 60;
            if ($gone < $minutes) {
                yield new Sitting(max($from, $now), $minutes - $gone);
            }
        }
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
