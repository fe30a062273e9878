<?php

declare(strict_types=1);

namespace Core\Standard;

/** One service level. */
final readonly class Tier
{
    /**
     * @param  int  $rank place in the ladder, at least 0; no two tiers of a standard share one
     * @param  float  $lookMinutes time of the last look at a figure, over 0
     * @param  float  $budgetMinutes minutes the reference figure may take, at least 0
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $rank,
        public Judging $judging,
        public float $lookMinutes,
        public float $budgetMinutes,
        public bool $byAgreement = false,
        public bool $retired = false,
        public Terms $terms = new Terms,
    ) {
        if ($rank < 0) {
            throw OutOfRange::below('rank', 0, $rank);
        }
        if ($lookMinutes <= 0) {
            throw OutOfRange::notOver('look time in minutes', 0, $lookMinutes);
        }
        if ($budgetMinutes < 0) {
            throw OutOfRange::below('budget in minutes', 0, $budgetMinutes);
        }
    }

    /** As it judges figures of a size class. */
    public function ofSize(string $sizeClass): self
    {
        return new self($this->id, $this->name, $this->rank, $this->judging->ofSize($sizeClass), $this->lookMinutes, $this->budgetMinutes, $this->byAgreement, $this->retired, $this->terms);
    }

    /** By-agreement and retired tiers are not compared with others. */
    public function isCompared(): bool
    {
        return ! $this->byAgreement && ! $this->retired;
    }
}
