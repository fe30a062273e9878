<?php

declare(strict_types=1);

namespace Core\Assignment;

/** Who does what, and how well that comes out: least late first, of those the most even. */
final readonly class Assignment
{
    /** Differences below this are none. */
    public const LEAST = 1e-9;

    /**
     * @param  array<array-key, int>  $of painter by task
     * @param  float  $late minutes by which painters are late at their worst day, in all
     * @param  float  $fill sum over the painters of how full they are, squared
     */
    private function __construct(
        public array $of,
        public float $late,
        public float $fill,
    ) {
    }

    /**
     * @param  list<Task>  $tasks
     * @param  list<PainterRoom>  $painters
     * @param  array<array-key, int>  $of painter by task; tasks that are left out are done by nobody
     */
    public static function weigh(array $tasks, array $painters, array $of): self
    {
        $late = $fill = 0.0;
        foreach ($painters as $painter) {
            $load = array_fill(0, count($painter->free), 0.0);
            $minutes = 0.0;
            foreach ($tasks as $task) {
                if (($of[$task->id] ?? null) === $painter->id) {
                    $minutes += $task->minutes[$painter->id];
                    if ($task->due !== null) {
                        $load[$task->due] += $task->minutes[$painter->id];
                    }
                }
            }
            $late += $painter->late($load);
            $fill += $painter->fill($minutes);
        }

        return new self($of, $late, $fill);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->late < $other->late - self::LEAST || ($this->late < $other->late + self::LEAST && $this->fill < $other->fill - self::LEAST);
    }
}
