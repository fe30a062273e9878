<?php

declare(strict_types=1);

namespace Core\Schedule;

use Core\Standard\OutOfRange;

/** How a step of a sheet is laid on one figure. Times in minutes. */
final readonly class Laying
{
    /**
     * @param  float  $minutes all coats of it, at least 0
     * @param  int  $times that paint is laid, each dry before the next; at least 1
     * @param  float  $dry after each, at least 0
     * @param  string  $paint equal for what is laid with the same; empty where it takes none
     */
    public function __construct(
        public float $minutes,
        public int $times = 1,
        public float $dry = 0.0,
        public string $paint = '',
    ) {
        if ($minutes < 0) {
            throw OutOfRange::below('minutes', 0, $minutes);
        }
        if ($times < 1) {
            throw OutOfRange::below('times', 1, $times);
        }
        if ($dry < 0) {
            throw OutOfRange::below('dry', 0, $dry);
        }
    }

    /**
     * How often another paint is taken along these, the first counted.
     *
     * @param  list<self>  $layings
     */
    public static function changes(array $layings): int
    {
        $last = '';
        $changes = 0;
        foreach ($layings as $laying) {
            $changes += $laying->paint !== '' && $laying->paint !== $last ? 1 : 0;
            $last = $laying->paint === '' ? $last : $laying->paint;
        }

        return $changes;
    }
}
