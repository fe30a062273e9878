<?php

declare(strict_types=1);

namespace Core\Budget;

/** A step of a group up its hull. */
final readonly class HullStep
{
    public function __construct(
        public int $group,
        public int $from,
        public int $to,
        public int $cost,
        public float $gain,
    ) {
    }

    /**
     * @param  list<Rungs>  $groups
     * @return list<self> the steepest first; those of one group in their order
     */
    public static function all(array $groups): array
    {
        $steps = [];
        foreach ($groups as $group => $rungs) {
            $hull = $rungs->hull();
            foreach (array_slice($hull, 1) as $i => $to) {
                $from = $hull[$i];
                $steps[] = new self($group, $from, $to, $rungs->costs[$to] - $rungs->costs[$from], $rungs->gains[$to] - $rungs->gains[$from]);
            }
        }
        usort($steps, static fn (self $one, self $other): int => [$other->gain * $one->cost, $one->group, $one->from] <=> [$one->gain * $other->cost, $other->group, $other->from]);

        return $steps;
    }
}
