<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;

/** What of a figure's work was handed over undone, and which of its criteria still have something to judge. */
final readonly class UndoneUses
{
    /** @param  list<ExcusedUse>  $excused those that name nothing asked any more are left aside */
    public function __construct(
        private Composition $composition,
        private array $excused,
    ) {
    }

    /** @return list<ExcusedUse> in the order of laying */
    public function on(string $area): array
    {
        $found = [];
        foreach ($this->composition->usesOn($area) as $use) {
            foreach ($this->excused as $excused) {
                if ($excused->area === $area && $excused->use === $use->use->id) {
                    $found[] = $excused;
                }
            }
        }

        return $found;
    }

    /** @return list<ComposedCriterion> those that judge something that was painted, or nothing in particular */
    public function judged(string $area): array
    {
        $undone = array_column($this->on($area), 'use');
        $laid = array_map(static fn (ComposedUse $use): string => $use->use->id, $this->composition->usesOn($area));

        return array_values(array_filter($this->composition->criteria, static function (ComposedCriterion $composed) use ($area, $laid, $undone): bool {
            $judged = array_filter($laid, $composed->criterion->judges(...));

            return $composed->area->id === $area && ($judged === [] || array_diff($judged, $undone) !== []);
        }));
    }
}
