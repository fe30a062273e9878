<?php

declare(strict_types=1);

namespace App\Actions\Budgets;

use App\Actions\Composing\ComposedFigure;
use App\Models\Unit;
use Core\Budget\TierGroup;
use Core\Budget\TierOption;

/** Figures of a unit, or of several alike, that get one tier: those that follow it, its leaders, or those that have a tier of their own. */
final readonly class BudgetGroup
{
    /**
     * @param  non-empty-list<ComposedFigure>  $figures
     * @param  bool  $isOwn whether they get their tier one by one, and not with their unit
     * @param  non-empty-list<BudgetOption>  $options by rank; the tier that they are at is among them
     * @param  list<string>  $leftOut names of tiers that say nothing of some area of theirs
     */
    public function __construct(
        public string $key,
        public array $figures,
        public bool $isOwn,
        public array $options,
        public array $leftOut,
    ) {
    }

    /** @return non-empty-list<Unit> */
    public function units(): array
    {
        $units = [];
        foreach ($this->figures as $figure) {
            $units[$figure->unit->id] = $figure->unit;
        }

        return array_values($units);
    }

    /** The tier that they are at. */
    public function now(): BudgetOption
    {
        return $this->option($this->figures[0]->figure->tier) ?? throw new \LogicException('The tier that figures are at is one of their options.');
    }

    public function option(string $tier): ?BudgetOption
    {
        foreach ($this->options as $option) {
            if ($option->tier === $tier) {
                return $option;
            }
        }

        return null;
    }

    /** @param  string|null  $fixed the tier that somebody has settled; null: any */
    public function asked(BudgetMeasure $measure, ?string $fixed): TierGroup
    {
        $settled = $fixed === null ? null : $this->option($fixed);

        return new TierGroup($this->key, array_map(
            static fn (BudgetOption $option): TierOption => new TierOption($option->tier, $option->cost($measure), $option->gain),
            $settled === null ? $this->options : [$settled],
        ));
    }
}
