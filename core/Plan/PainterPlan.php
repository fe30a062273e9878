<?php

declare(strict_types=1);

namespace Core\Plan;

use DateTimeImmutable;

/** What a painter does when, sitting by sitting. */
final readonly class PainterPlan
{
    /**
     * @param  list<Stretch>  $stretches in order
     * @param  array<array-key, DateTimeImmutable>  $ends by work, when its last coat is laid; what is not there is not done within {@see BenchHours::AHEAD} days
     * @param  list<Sitting>  $sittings those that are needed
     */
    public function __construct(
        public array $stretches,
        public array $ends,
        public array $sittings,
    ) {
    }

    /** Minutes in which nothing can be laid until something is dry. */
    public function waiting(): float
    {
        return array_sum(array_map(static fn (Stretch $stretch): float => $stretch->isWaiting ? ($stretch->until->getTimestamp() - $stretch->from->getTimestamp()) / 60 : 0.0, $this->stretches));
    }
}
