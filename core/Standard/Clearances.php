<?php

declare(strict_types=1);

namespace Core\Standard;

/**
 * What one painter may do unsupervised: techniques, each up to a rank of tier. A studio that says nothing of a
 * painter has not said that they may do nothing, so nothing is said of them.
 */
final readonly class Clearances
{
    /** @param  array<string, int>  $upTo  rank of the highest tier, by id of technique */
    public function __construct(private array $upTo)
    {
    }

    /** Whether nothing is said of this painter. */
    public function areNone(): bool
    {
        return $this->upTo === [];
    }

    /** Whether this technique is theirs at a tier of this rank; null: the studio says nothing of this painter. */
    public function cover(string $technique, int $rank): ?bool
    {
        return $this->upTo === [] ? null : ($this->upTo[$technique] ?? null) !== null && $rank <= $this->upTo[$technique];
    }
}
