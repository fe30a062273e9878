<?php

declare(strict_types=1);

namespace Core\Plan;

use Core\Standard\OutOfRange;

/** A break on every day at the bench: what is wet dries in it. */
final readonly class Pause
{
    /**
     * @param  int  $at minutes after midnight
     * @param  int  $minutes over 0
     */
    public function __construct(
        public int $at,
        public int $minutes,
    ) {
        if ($at < 0 || $at >= Sitting::MOST) {
            throw OutOfRange::outside('begin of the break', 'from 0 to '.(Sitting::MOST - 1), $at, '/break_at');
        }
        if ($minutes < 1 || $minutes >= Sitting::MOST) {
            throw OutOfRange::outside('minutes of the break', 'at least 1 and less than a day', $minutes, '/break_minutes');
        }
    }
}
