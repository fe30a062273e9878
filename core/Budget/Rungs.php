<?php

declare(strict_types=1);

namespace Core\Budget;

/** The options of a group that are worth taking: each costs more than the one before, and gains more. */
final readonly class Rungs
{
    /**
     * @param  non-empty-list<string>  $tiers
     * @param  non-empty-list<int>  $costs beyond that of the cheapest: the first is 0
     * @param  non-empty-list<float>  $gains
     */
    private function __construct(
        public array $tiers,
        public array $costs,
        public array $gains,
    ) {
    }

    public static function of(TierGroup $group): self
    {
        $sorted = $group->options;
        usort($sorted, static fn (TierOption $one, TierOption $other): int => [$one->cost, -$one->gain] <=> [$other->cost, -$other->gain]);
        $first = $sorted[0];
        [$tiers, $costs, $gains] = [[$first->tier], [0], [$first->gain]];
        foreach ($sorted as $option) {
            if ($option->gain > $gains[count($gains) - 1]) {
                $tiers[] = $option->tier;
                $costs[] = $option->cost - $first->cost;
                $gains[] = $option->gain;
            }
        }

        return new self($tiers, $costs, $gains);
    }

    /** The largest unit that these costs and a number are whole in; 0 where all are 0. */
    public function commonUnit(int $unit): int
    {
        foreach ($this->costs as $cost) {
            while ($cost !== 0) {
                [$unit, $cost] = [$cost, $unit % $cost];
            }
        }

        return $unit;
    }

    public function inUnits(int $unit): self
    {
        return new self($this->tiers, array_map(static fn (int $cost): int => intdiv($cost, $unit), $this->costs), $this->gains);
    }

    /** @return non-empty-list<int> the rungs along the upper hull: each step gains less for what it costs than the one before */
    public function hull(): array
    {
        $hull = [0];
        foreach (array_slice(array_keys($this->costs), 1) as $rung) {
            while (count($hull) > 1 && $this->isUnder($hull[count($hull) - 2], $hull[count($hull) - 1], $rung)) {
                array_pop($hull);
            }
            $hull[] = $rung;
        }

        return $hull;
    }

    /** Whether the middle one lies on or under the line between the others. */
    private function isUnder(int $first, int $middle, int $last): bool
    {
        return ($this->gains[$middle] - $this->gains[$first]) * ($this->costs[$last] - $this->costs[$first]) <= ($this->gains[$last] - $this->gains[$first]) * ($this->costs[$middle] - $this->costs[$first]);
    }
}
