<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

/** A tier that figures of a job could be painted at. */
final readonly class BudgetOption
{
    /**
     * @param  float  $minutes by hand on all of them
     * @param  int|null  $money price of all of them, in the smallest unit of the currency; null: the tier has no price for their size
     * @param  float  $gain of all of them, see {@see \Core\Budget\TierGain}
     */
    public function __construct(
        public string $tier,
        public string $name,
        public float $minutes,
        public ?int $money,
        public float $gain,
    ) {
    }

    /** In whole units. */
    public function cost(BudgetMeasure $measure): int
    {
        return $measure === BudgetMeasure::Minutes ? (int) ceil($this->minutes) : $this->money ?? 0;
    }
}
