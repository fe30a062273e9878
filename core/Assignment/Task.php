<?php

declare(strict_types=1);

namespace Core\Assignment;

use Core\Standard\OutOfRange;

/** Work that one painter does as a whole. */
final readonly class Task
{
    /**
     * @param  int|null  $due which of the days that something is due on, the earliest is 0; null: no date
     * @param  array<int, float>  $minutes that it takes, at least 0, by painter; who is not there is not asked to do it
     */
    public function __construct(
        public string $id,
        public ?int $due,
        public array $minutes,
    ) {
        foreach ($minutes as $some) {
            if ($some < 0) {
                throw OutOfRange::below('minutes', 0, $some);
            }
        }
    }

    /** Minutes of who is quickest; 0 where nobody is asked. */
    public function least(): float
    {
        return $this->minutes === [] ? 0.0 : min($this->minutes);
    }
}
