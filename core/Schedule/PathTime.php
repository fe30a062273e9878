<?php

declare(strict_types=1);

namespace Core\Schedule;

/** What a path through a batch takes. Times in minutes, without mixing and cleaning; the drying of last coats does not count. */
final readonly class PathTime
{
    /** From the first coat to the last. */
    public float $elapsed;

    /**
     * @param  float  $byHand work alone
     * @param  float  $waiting with nothing to lay until something is dry
     * @param  int  $changes how often another paint is taken, the first counted
     * @param  int|null  $early coat that is best begun before its turn, because it dries long; null: the order of the sheet is as quick
     */
    public function __construct(
        public BatchPath $path,
        public float $byHand,
        public float $waiting,
        public int $changes,
        public ?int $early = null,
    ) {
        $this->elapsed = $byHand + $waiting;
    }
}
