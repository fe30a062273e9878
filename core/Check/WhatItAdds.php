<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\ComposedCriterion;
use Core\Composition\Composition;
use Core\Standard\Severity;

/** How much a figure lacks without a use: by the heaviest of what is judged of it, and whether it lies where the eye goes. */
final readonly class WhatItAdds
{
    private const HEAVIEST_FIRST = [Severity::Critical, Severity::Major, Severity::Minor];

    /**
     * @param  Severity|null  $severity of the heaviest criterion that judges it; null: none does
     * @param  float  $minutes that it takes, at least 0
     */
    public function __construct(
        public ?Severity $severity,
        public bool $focal,
        public float $minutes,
    ) {
    }

    public static function of(Composition $composition, string $area, string $use, bool $focal, float $minutes): self
    {
        $judging = array_filter($composition->criteria, static fn (ComposedCriterion $asked): bool => $asked->area->id === $area && $asked->criterion->judges($use));
        $severities = array_map(static fn (ComposedCriterion $asked): Severity => $asked->criterion->severity, $judging);
        foreach (self::HEAVIEST_FIRST as $severity) {
            if (in_array($severity, $severities, true)) {
                return new self($severity, $focal, $minutes);
            }
        }

        return new self(null, $focal, $minutes);
    }

    /** @return int less than 0 where it comes before the other: what adds most comes first, and of what adds as much, what is quicker */
    public function compare(self $other): int
    {
        return $this->rank() <=> $other->rank();
    }

    /** @return array{int, int, float} */
    private function rank(): array
    {
        $place = array_search($this->severity, self::HEAVIEST_FIRST, true);

        return [$place === false ? count(self::HEAVIEST_FIRST) : $place, $this->focal ? 0 : 1, $this->minutes];
    }
}
