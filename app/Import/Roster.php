<?php

declare(strict_types=1);

namespace App\Import;

/** What was read from a roster: the units, and all that is wrong. It is taken whole or not at all. */
final readonly class Roster
{
    /**
     * @param  list<RosterLine>  $lines several of one unit where its figures are of several types or tiers
     * @param  list<RosterProblem>  $problems
     * @param  list<string>  $unknownTypes names of figure types that nobody knows yet
     * @param  RosterColumns  $columns what its columns are
     */
    public function __construct(
        public array $lines,
        public array $problems,
        public array $unknownTypes,
        public RosterColumns $columns,
    ) {
    }

    public function figures(): int
    {
        return array_sum(array_map(static fn (RosterLine $line): int => $line->count, $this->lines));
    }

    public function units(): int
    {
        return count(array_unique(array_map(static fn (RosterLine $line): string => $line->unitKey(), $this->lines)));
    }

    public function isSound(): bool
    {
        return $this->problems === [];
    }
}
