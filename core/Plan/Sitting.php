<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Standard\OutOfRange;
use DateTimeImmutable;

/** One stretch of work at the bench. */
final readonly class Sitting
{
    /** Minutes of a day. */
    public const MOST = 1440.0;

    public DateTimeImmutable $until;

    /**
     * @param  float  $minutes over 0, at most a day
     * @param  int  $ofDay the how many-th of its day, from 1
     */
    public function __construct(
        public DateTimeImmutable $from,
        public float $minutes,
        public int $ofDay = 1,
    ) {
        if ($minutes <= 0 || $minutes > self::MOST) {
            throw OutOfRange::outside('minutes of a sitting', 'over 0 and at most '.self::MOST, $minutes, '/minutes');
        }
        $this->until = $from->modify('+'.(int) round($minutes * 60).' seconds');
    }
}
