<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/** A painter's time in one sitting that goes into one work, or is waited until it dries. */
final readonly class Stretch
{
    /**
     * @param  string  $work id of the work
     * @param  bool  $isWaiting nothing can be laid anywhere until this work is dry
     * @param  float  $changing minutes of it in which another paint is taken
     * @param  list<int>  $items of its sheet that are worked on, in order, each once
     */
    public function __construct(
        public string $work,
        public DateTimeImmutable $from,
        public DateTimeImmutable $until,
        public bool $isWaiting,
        public float $changing = 0.0,
        public array $items = [],
    ) {
    }

    /** Both in one, where the other goes on with the same at once; else null. */
    public function with(self $next): ?self
    {
        $goesOn = $next->work === $this->work && $next->isWaiting === $this->isWaiting && $next->from->getTimestamp() === $this->until->getTimestamp();

        return $goesOn ? new self($this->work, $this->from, $next->until, $this->isWaiting, $this->changing + $next->changing, array_values(array_unique([...$this->items, ...$next->items]))) : null;
    }
}
