<?php

declare(strict_types=1);

namespace Core\Assignment;

/** The time that a painter has, beside what is given to them already. */
final readonly class PainterRoom
{
    /** Room that is none counts as this much, so that the fullest is told from the full. */
    private const LEAST = 1.0;

    public float $room;

    /**
     * @param  list<float>  $free minutes at the bench until each day that something is due on, less what is due of theirs by then; below 0 where they are late already
     * @param  float  $room minutes that they have in all, until the last of these days or as far as is looked ahead
     * @param  float  $given minutes of work that they have already
     */
    public function __construct(
        public int $id,
        public array $free,
        float $room,
        public float $given = 0.0,
    ) {
        $this->room = max(self::LEAST, $room);
    }

    /**
     * Minutes by which they are late at the worst of these days.
     *
     * @param  array<int, float>  $load minutes more by the day that they are due on
     */
    public function late(array $load): float
    {
        $late = $sum = 0.0;
        foreach ($this->free as $day => $free) {
            $sum += $load[$day] ?? 0.0;
            $late = max($late, $sum - $free);
        }

        return $late;
    }

    /** How full they are with so many minutes more; the square tells one who is full from two who are half so. */
    public function fill(float $minutes): float
    {
        return (($this->given + $minutes) / $this->room) ** 2;
    }
}
