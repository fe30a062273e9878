<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\Standard\Duplicate;
use Core\Standard\UnknownReference;

/** Figures of which exactly one tier is chosen. */
final readonly class TierGroup
{
    /**
     * @param  non-empty-list<TierOption>  $options
     * @param  string  $at pointer to the group
     *
     * @throws Duplicate if a tier stands twice
     */
    public function __construct(
        public string $id,
        public array $options,
        string $at = '',
    ) {
        $seen = [];
        foreach ($options as $i => $option) {
            isset($seen[$option->tier]) && throw Duplicate::id($option->tier, "{$at}/options/{$i}/tier");
            $seen[$option->tier] = true;
        }
    }

    public function leastCost(): int
    {
        return min(array_map(static fn (TierOption $option): int => $option->cost, $this->options));
    }

    public function mostCost(): int
    {
        return max(array_map(static fn (TierOption $option): int => $option->cost, $this->options));
    }

    public function option(string $tier): TierOption
    {
        foreach ($this->options as $option) {
            if ($option->tier === $tier) {
                return $option;
            }
        }

        throw UnknownReference::tier($tier, array_map(static fn (TierOption $option): string => $option->tier, $this->options));
    }
}
